#pragma once
/// Draws a kit board in depth with OpenGL 3.3, into a picture of its own.

#include <QOpenGLFunctions_3_3_Core>
#include <QOpenGLShaderProgram>
#include <map>
#include <memory>

#include "app/steps/kit/depth_picture.h"

namespace rook::app {

/// All calls need the context that it was made with to be current, in one thread.
class DepthRenderer {
public:
    /// Nothing if the context is older than OpenGL 3.3, or its shaders are refused; `reason` says
    /// which.
    [[nodiscard]] static std::unique_ptr<DepthRenderer> make(QString* reason);
    ~DepthRenderer();

    /// Cost: what of the scene is new, and its triangles.
    [[nodiscard]] QImage draw(const DepthRequest& request, const level::Kit& kit,
                              const std::shared_ptr<const kit::DepthScene>& scene);

private:
    /// Triangles of one picture, or of none.
    struct Batch {
        int first = 0;  ///< index
        int count = 0;
        int picture = -1;
        bool isSeenFromBehind = false;
    };
    struct OnCard {
        std::shared_ptr<const kit::Shape> shape;
        GLuint array = 0, corners = 0, indices = 0, places = 0;
        std::vector<Batch> batches;
        std::vector<GLuint> pictures;
        int count = 0;                             ///< that stand
        std::shared_ptr<const kit::Shape> coarse;  ///< while the eye turns; null: itself
    };
    /// Where one stands, as the shaders take it.
    struct Place {
        float turn[4];
        float corner[4];  ///< and its mark
    };
    struct Target {
        QSize size;
        GLuint frame = 0, colors = 0, facings = 0, depths = 0;
    };

    DepthRenderer() = default;
    [[nodiscard]] bool begin(QString* reason);
    /// The program of two shaders with what is defined for them; made when it is first asked for.
    [[nodiscard]] QOpenGLShaderProgram& program(const char* vertex, const char* fragment,
                                                const QString& defines = {});
    OnCard& upload(const std::shared_ptr<const kit::Shape>& shape);
    void forget(const OnCard& card);
    void takeScene(const std::shared_ptr<const kit::DepthScene>& scene);
    void takeMarks(const DepthRequest& request, const QMatrix4x4& toPicture);
    [[nodiscard]] static Place placeOf(const kit::Standing& standing, DepthMark mark);
    void put(OnCard& card, const std::vector<Place>& places);
    /// What is drawn for a shape.
    [[nodiscard]] OnCard& cardOf(const kit::Shape* shape, bool isCoarse);
    [[nodiscard]] GLuint pictureOf(const std::string& bytes);
    [[nodiscard]] kit::Bounds3 boxOf(const DepthRequest& request, const level::Kit& kit) const;
    enum class Holds { Pieces, Colors, Light };
    void resize(Target& target, QSize size, Holds holds);
    void drawAbove(const DepthRequest& request, const kit::Bounds3& box);
    void drawPieces(const DepthRequest& request, const kit::Bounds3& box,
                    const QMatrix4x4& toPicture);
    void drawInHand(const DepthRequest& request, const level::Kit& kit,
                    const QMatrix4x4& toPicture);
    void drawBody(const DepthRequest& request, const QMatrix4x4& toPicture);
    /// The sheet below all, or the lines of the storey that is worked on.
    void drawGround(const DepthRequest& request, const level::Kit& kit, const kit::Bounds3& box,
                    const QMatrix4x4& toPicture, bool onlyLines);
    /// Which shaders a batch is drawn by.
    struct Look {
        bool isSmooth = false, isCut = false, isAbove = false;
        QVector4D ghost;
    };
    void drawBatches(const OnCard& card, const Look& how, const DepthRequest& request,
                     const QMatrix4x4& toPicture);
    void setDepths(QOpenGLShaderProgram& program, const DepthRequest& request,
                   const kit::Bounds3& box) const;
    [[nodiscard]] QImage finish(const DepthRequest& request, const level::Kit& kit,
                                const kit::Bounds3& box, int finer);

    [[nodiscard]] QImage pictureRead(double ratio);

    QOpenGLFunctions_3_3_Core m_gl;
    std::map<QString, std::unique_ptr<QOpenGLShaderProgram>> m_programs;
    QString m_refusal;  ///< of the first shader that was refused
    std::map<const kit::Shape*, OnCard> m_cards;
    std::shared_ptr<const kit::DepthScene> m_scene;
    std::map<const kit::Shape*, std::vector<const kit::DepthScene::Item*>> m_standing;
    std::vector<std::shared_ptr<const kit::Shape>> m_inHandShapes;  ///< of solids to come
    std::shared_ptr<const kit::Shape> m_bodyShape;
    double m_bodyHeight = 0;
    Target m_main, m_contactTarget, m_end, m_small;
    GLuint m_aboveFrame = 0, m_aboveMap = 0, m_white = 0;
    GLuint m_wholeArray = 0, m_sheetArray = 0, m_sheetCorners = 0;
    // That the map from above shows.
    const kit::DepthScene* m_aboveOf = nullptr;
    double m_aboveCut = 0;
    kit::Bounds3 m_aboveBox;
    double m_costOfPx = 0;  ///< ms of the last picture that was as fine as the screen; 0: none
};

}  // namespace rook::app
