/// What a kit level costs.

#include "kit/parts_list.h"

#include "random_solids.h"
#include "testing.h"

namespace rook::parts_list_test {

using testing::put;

class PartsListTest : public QObject {
    Q_OBJECT
private slots:
    void list_countsWhatIsPlaced();
};

void PartsListTest::list_countsWhatIsPlaced() {
    level::Kit kit = testing::smallKit();
    for (level::Piece& piece : kit.pieces)
        if (piece.name == "floor" || piece.name == "wall") piece.model = piece.name + ".glb";
    level::Level level = testing::with(kit, testing::kitBoard(8, 8),
                                       {put("floor", 0, 0), put("floor", 1, 0), put("floor", 2, 0),
                                        put("wall", 3, 0), put("ramp", 4, 0)});
    level::Solid box;
    box.y = 3;
    level = testing::withSolid(kit, level, box);
    const std::map<std::string, kit::MeshCost> meshes{{"floor", {100, {"stone", "moss"}}},
                                                      {"wall", {40, {"stone"}}}};
    const kit::PartsList list = kit::partsListOf(kit, level, meshes);
    QCOMPARE(list.placed, 5);
    QCOMPARE(list.models, std::size_t(2));
    QCOMPARE(list.reuse(), 2.0);
    QCOMPARE(list.materials, (std::set<std::string>{"moss", "stone"}));
    QCOMPARE(list.toMake, std::set<std::string>{"ramp"});
    QCOMPARE(list.solids, 1);
    QCOMPARE(list.pieces.at("floor").uses, 3);
    std::size_t ofRamp = 0;
    for (const kit::Face& face : kit::facesOf(kit, *kit.find("ramp")))
        ofRamp += face.corners.size() - 2;
    // A box has twelve.
    QCOMPARE(list.triangles, 3 * 100 + 40 + ofRamp + 12);
    QCOMPARE(list.pieces.at("ramp").triangles, ofRamp);
}

ROOK_TEST(PartsListTest)

}  // namespace rook::parts_list_test

#include "parts_list_test.moc"
