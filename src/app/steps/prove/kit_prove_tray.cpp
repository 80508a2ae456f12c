#include <QLabel>

#include "app/steps/prove/prove_tray.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"
#include "kit/audit.h"

namespace rook::app {

namespace {

/// What the body of the kit can, in words: there is nothing to lend or to take.
class KitProveTray final : public TrayParts {
public:
    using TrayParts::TrayParts;
    void fill() override {
        const level::Kit* kit = m_session.document.project().kitOf(*m_session.document.level());
        if (!kit) return;
        const auto text = [](level::Decimal value) { return told(kit::lengthText(exact(value))); };
        addCardWords(
            tr("Here one walks: a body %1 units high, that steps up %2 and drops %3. What is "
               "washed over can be reached; hatched, one cannot finish from it. The line is the "
               "way to the exit.")
                .arg(text(kit->body.height), text(kit->body.stepUp), text(kit->body.drop)));
    }
};

}  // namespace

std::unique_ptr<TrayParts> makeKitProveTray(Session& session, QWidget* cards, QWidget* options) {
    return std::make_unique<KitProveTray>(session, cards, options);
}

}  // namespace rook::app
