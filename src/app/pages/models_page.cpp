#include "app/pages/models_page.h"

#include <QApplication>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileDialog>
#include <QHeaderView>
#include <QKeyEvent>
#include <QPointer>
#include <QTableWidget>
#include <QtConcurrent>

#include "app/pages/model_row.h"
#include "app/painting/model_picture.h"
#include "app/ui/buttons.h"
#include "app/ui/flow_layout.h"
#include "app/ui/picture_view.h"
#include "app/ui/theme.h"
#include "app/ui/words.h"

namespace rook::app {

namespace {

using ship::IncomingModel;

constexpr double leastScale = 1e-6, mostScale = 1e6;

}  // namespace

ModelsPage::ModelsPage(Session& session, QWidget* parent)
    : Page(session, tr("Models"), parent),
      m_table(new QTableWidget(0, modelColumns, body())),
      m_told(makeWords({}, body())),
      m_remarks(makeWords({}, body())),
      m_picture(new PictureView(PictureView::Fit::Fills, body())) {
    setObjectName(QStringLiteral("models"));
    setAccessibleName(tr("Models to bring in"));
    addAction(tr("Files …"), QStringLiteral("models-files"), [this] { chooseFiles(); });
    addAction(tr("A folder …"), QStringLiteral("models-folder"), [this] { chooseFolder(); });
    m_take = addAction(tr("Take them in"), QStringLiteral("models-take"), [this] { take(); });
    m_take->setToolTip(tr("Enter; one undo takes them back"));
    m_told->setObjectName(QStringLiteral("models-told"));
    m_remarks->setObjectName(QStringLiteral("models-remarks"));
    m_picture->setAccessibleName(tr("The model in hand, on its modules"));
    addTable();
    addFixes();
}

ModelsPage::~ModelsPage() {
    *m_cancel = true;
    ++m_round;
}

void ModelsPage::addFixes() {
    auto* fixes = new QWidget(body());
    auto* line = new FlowLayout(8);
    fixes->setLayout(line);
    const auto add = [&](const QString& words, QWidget* control) {
        auto* both = new QWidget(fixes);
        auto* row = new QHBoxLayout(both);
        row->setContentsMargins({});
        row->setSpacing(6);
        if (!words.isEmpty()) row->addWidget(new QLabel(words, both));
        row->addWidget(control);
        control->setAccessibleName(words.isEmpty() ? control->accessibleName() : words);
        line->addWidget(both);
    };
    m_scope = makeChoiceBox(QStringLiteral("models-scope"), {tr("all"), tr("the chosen rows")},
                            fixes, [this](int) { showInHand(); });
    add(tr("For"), m_scope);
    m_up = makeChoiceBox(
        QStringLiteral("models-up"), {tr("y, as the format says"), tr("z"), tr("x")}, fixes,
        [this](int at) { fix([at](kit::ModelFixes& f) { f.up = kit::UpAxis(at); }); });
    add(tr("Up is"), m_up);
    m_scale = new QDoubleSpinBox(fixes);
    m_scale->setObjectName(QStringLiteral("models-scale"));
    m_scale->setDecimals(6);
    m_scale->setRange(leastScale, mostScale);
    m_scale->setStepType(QAbstractSpinBox::AdaptiveDecimalStepType);
    m_scale->setFixedWidth(120);
    m_scale->setKeyboardTracking(false);
    connect(m_scale, &QDoubleSpinBox::valueChanged, this,
            [this](double value) { fix([value](kit::ModelFixes& f) { f.scale = value; }); });
    add(tr("Scale"), m_scale);
    auto* propose = makeButton(tr("Find the scale"), QStringLiteral("models-propose"), fixes,
                               [this] { proposeScale(); });
    propose->setToolTip(
        tr("Of the usual ones the scale by which they come nearest to whole modules"));
    add({}, propose);
    m_pivot = makeChoiceBox(
        QStringLiteral("models-pivot"),
        {tr("where the model has it"), tr("its corner"), tr("its middle")}, fixes,
        [this](int at) { fix([at](kit::ModelFixes& f) { f.pivot = kit::PivotAt(at); }); });
    add(tr("Pivot"), m_pivot);
    const auto chip = [&](const QString& words, const char* name, bool kit::ModelFixes::*field) {
        auto* made = new Chip(words, fixes);
        made->setObjectName(QLatin1String(name));
        connect(made, &QAbstractButton::clicked, this, [this, field](bool isOn) {
            fix([field, isOn](kit::ModelFixes& f) { f.*field = isOn; });
        });
        add({}, made);
        return made;
    };
    m_mends = chip(tr("turn faces right"), "models-mend", &kit::ModelFixes::mendsFaces);
    m_stretches = chip(tr("stretch to modules"), "models-stretch", &kit::ModelFixes::stretches);
    addAbove(fixes);
    addAbove(m_told);
}

void ModelsPage::addTable() {
    m_table->setObjectName(QStringLiteral("models-table"));
    m_table->setAccessibleName(tr("Models, a row each; the mark says which become pieces"));
    m_table->setHorizontalHeaderLabels({tr("Model"), tr("Modules"), tr("Comes to"), tr("Pivot"),
                                        tr("Beside"), tr("Open"), tr("Turned"), tr("Triangles")});
    const QString words[] = {
        tr("Space marks it, or takes the mark off"),
        tr("Across, down and storeys of the piece"),
        tr("Its size in modules and storeys"),
        tr("Modules from the corner"),
        tr("Its longest side, times the middle one of all"),
        tr("Edges of one face alone: one sees into the model there"),
        tr("Faces that look the other way than they should"),
        {},
    };
    for (int i = 0; i < modelColumns; ++i)
        m_table->horizontalHeaderItem(i)->setToolTip(words[i]);
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(26);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setDefaultSectionSize(70);
    m_table->horizontalHeader()->setStretchLastSection(true);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setTabKeyNavigation(false);
    connect(m_table, &QTableWidget::currentCellChanged, this, [this] { showInHand(); });
    connect(m_table, &QTableWidget::itemChanged, this, [this](QTableWidgetItem* item) {
        if (item->column() != int(ModelColumn::Name) || std::size_t(item->row()) >= m_models.size())
            return;
        m_models[std::size_t(item->row())].isTaken = item->checkState() == Qt::Checked;
        refresh();
    });
    auto* both = new QWidget(body());
    auto* row = new QHBoxLayout(both);
    row->setContentsMargins({});
    row->setSpacing(14);
    row->addWidget(m_table, 3);
    auto* right = new QVBoxLayout;
    right->addWidget(m_picture, 1);
    right->addWidget(m_remarks);
    row->addLayout(right, 1);
    m_picture->setMinimumWidth(185);
    addAbove(both);
    fillHeight(both);
}

const level::Kit* ModelsPage::kit() const {
    const level::Project& project = m_session.document.project();
    if (const level::Kit* kit = project.kitOf(*m_session.document.level())) return kit;
    return project.kits.empty() ? nullptr : &*project.kits.begin();
}

void ModelsPage::begin(const QStringList& files) {
    *m_cancel = true;
    m_cancel = std::make_shared<std::atomic<bool>>(false);
    forget();
    if (files.isEmpty()) return;
    if (!kit()) {
        m_told->setText(
            tr("There is no kit that they could become pieces of. Make a level of "
               "pieces first."));
        return;
    }
    std::vector<file::Path> from;
    for (const QString& file : files)
        from.emplace_back(file.toStdString());
    m_told->setText(tr("Reading …"));
    m_lookedFor = *kit();
    ++m_busy;
    const int round = ++m_round;
    QtConcurrent::run([from, kit = *kit(), cancel = m_cancel, round,
                       page = QPointer<ModelsPage>(this)] {
        ship::ReadingModels reading;
        reading.cancel = cancel.get();
        reading.progress = [&](int done, int all) {
            const auto tell = [page, round, done, all] {
                if (page && page->m_round == round)
                    page->m_told->setText(tr("Reading: %1 of %2 files …").arg(done).arg(all));
            };
            QMetaObject::invokeMethod(qApp, tell, Qt::QueuedConnection);
        };
        auto models = ship::readModels(file::diskStorage(), from, reading);
        ship::look(kit, models, true);
        return models;
    }).then(this, [this, round](std::vector<IncomingModel> models) {
        --m_busy;
        if (round == m_round) show(std::move(models));
    });
}

void ModelsPage::chooseFiles() {
    const QStringList files = QFileDialog::getOpenFileNames(
        this, tr("Models"), {}, tr("Models (*.glb *.gltf *.obj);;All files (*)"));
    if (!files.isEmpty()) begin(files);
}

void ModelsPage::chooseFolder() {
    const QString folder = QFileDialog::getExistingDirectory(this, tr("A folder of models"));
    if (!folder.isEmpty()) begin({folder});
}

void ModelsPage::look(bool all) {
    if (!kit()) return;
    const int round = ++m_round;
    m_lookedFor = *kit();
    ++m_busy;
    QtConcurrent::run([models = m_models, kit = *kit(), all]() mutable {
        ship::look(kit, models, all);
        return std::move(models);
    }).then(this, [this, round](std::vector<IncomingModel> models) {
        --m_busy;
        if (round != m_round) return;
        // Marks that were set meanwhile stay.
        for (std::size_t i = 0; i < models.size(); ++i)
            models[i].isTaken = m_models[i].isTaken;
        show(std::move(models));
    });
}

void ModelsPage::forget() {
    ++m_round;
    show({});
}

void ModelsPage::show(std::vector<IncomingModel> models) {
    m_models = std::move(models);
    {
        const QSignalBlocker blocker(m_table);
        m_table->setRowCount(int(m_models.size()));
        for (int row = 0; row < m_table->rowCount(); ++row)
            fillRow(row);
    }
    if (m_table->currentRow() < 0 && m_table->rowCount() > 0) m_table->setCurrentCell(0, 0);
    refresh();
    showInHand();
}

void ModelsPage::fillRow(int row) {
    const IncomingModel& model = m_models[std::size_t(row)];
    const QStringList texts = modelRow(kit(), model);
    const bool isOdd = model.error || (model.seen && !model.seen->isExact);
    for (int column = 0; column < modelColumns; ++column) {
        auto* item = new QTableWidgetItem(texts[column]);
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
        if (ModelColumn(column) != ModelColumn::Name)
            item->setTextAlignment(Qt::AlignRight | Qt::AlignVCenter);
        const bool isFault = (ModelColumn(column) == ModelColumn::Open ||
                              ModelColumn(column) == ModelColumn::Turned) &&
                             texts[column] != u"0";
        if (model.error)
            item->setForeground(currentTheme().alarm);
        else if ((ModelColumn(column) == ModelColumn::Size && isOdd) || (isFault && model.faces))
            item->setForeground(currentTheme().caution);
        m_table->setItem(row, column, item);
    }
    QTableWidgetItem* name = m_table->item(row, int(ModelColumn::Name));
    name->setToolTip(QString::fromStdString(model.file));
    if (!model.mesh) return;
    name->setFlags(name->flags() | Qt::ItemIsUserCheckable);
    name->setCheckState(model.isTaken ? Qt::Checked : Qt::Unchecked);
}

int ModelsPage::inHand() const {
    const int row = m_table->currentRow();
    return row >= 0 && std::size_t(row) < m_models.size() ? row : -1;
}

std::vector<int> ModelsPage::rowsMeant() const {
    std::vector<int> rows;
    const bool isAll = m_scope->currentIndex() == 0;
    for (int row = 0; row < int(m_models.size()); ++row)
        if (m_models[std::size_t(row)].mesh &&
            (isAll || m_table->selectionModel()->isRowSelected(row, {})))
            rows.push_back(row);
    return rows;
}

void ModelsPage::showInHand() {
    const int row = inHand();
    const IncomingModel* model = row < 0 ? nullptr : &m_models[std::size_t(row)];
    const int round = ++m_pictureRound;
    if (model) {
        const kit::ModelFixes& fixes = model->fixes;
        const QSignalBlocker blockers[] = {QSignalBlocker(m_up), QSignalBlocker(m_scale),
                                           QSignalBlocker(m_pivot)};
        m_up->setCurrentIndex(int(fixes.up));
        m_scale->setValue(fixes.scale);
        m_pivot->setCurrentIndex(int(fixes.pivot));
        m_mends->setChecked(fixes.mendsFaces);
        m_stretches->setChecked(fixes.stretches);
    }
    QStringList lines;
    if (model && model->error) lines << told(*model->error);
    if (model && model->seen) {
        for (const std::string& remark : model->seen->remarks)
            lines << told(remark) + u'.';
        lines << tr("%1 ports are proposed.").arg(model->seen->piece.ports.size());
    }
    m_remarks->setText(lines.join(u'\n'));
    setTone(m_remarks, model && model->error                           ? currentTheme().alarm
                       : model && model->seen && !model->seen->isExact ? currentTheme().caution
                                                                       : currentTheme().ink);
    if (!model || !model->seen || !kit()) return m_picture->take({});
    const QSize size =
        (QSizeF(std::max(185, m_picture->width()), std::max(200, m_picture->height())) *
         devicePixelRatioF())
            .toSize();
    QtConcurrent::run([kit = *kit(), one = *model, size, theme = currentTheme()] {
        kit::FaceFacts faces = *one.faces;
        if (one.fixes.mendsFaces) faces.turned.clear();
        return modelPicture(kit, one.seen->piece, kit::withFixes(kit, *one.mesh, one.fixes), faces,
                            size, theme);
    }).then(this, [this, round](const QImage& image) {
        if (round == m_pictureRound) m_picture->take(image);
    });
}

template <typename Change>
void ModelsPage::fix(Change&& change) {
    bool hasChanged = false;
    for (const int row : rowsMeant()) {
        IncomingModel& model = m_models[std::size_t(row)];
        kit::ModelFixes next = model.fixes;
        change(next);
        if (next == model.fixes) continue;
        model.fixes = next;
        model.seen.reset();
        model.error.reset();
        hasChanged = true;
    }
    if (hasChanged) look(false);
}

void ModelsPage::proposeScale() {
    std::vector<std::shared_ptr<const kit::Mesh>> meshes;
    kit::UpAxis up = kit::UpAxis::Y;
    for (const int row : rowsMeant()) {
        meshes.push_back(m_models[std::size_t(row)].mesh);
        up = m_models[std::size_t(row)].fixes.up;
    }
    if (meshes.empty() || !kit()) return;
    ++m_busy;
    QtConcurrent::run([kit = *kit(), meshes, up] {
        std::vector<const kit::Mesh*> all;
        for (const auto& mesh : meshes)
            all.push_back(mesh.get());
        return kit::proposedScale(kit, all, up);
    }).then(this, [this, set = m_cancel](double scale) {
        --m_busy;
        if (set == m_cancel) fix([scale](kit::ModelFixes& f) { f.scale = scale; });
    });
}

void ModelsPage::take() {
    if (!m_take->isEnabled() || isBusy() || !kit()) return;
    if (m_session.document.folder().isEmpty())
        return m_session.say(tr("Save the project first: the models are copied into its folder."));
    m_told->setText(tr("Writing …"));
    m_take->setEnabled(false);
    ++m_busy;
    QtConcurrent::run([project = m_session.document.project(), kit = kit()->name, models = m_models,
                       folder = m_session.document.folder().toStdString()] {
        return std::pair(project,
                         ship::takeModels(file::diskStorage(), folder, project, kit, models));
    }).then(this, [this](const std::pair<level::Project, Result<level::ProjectEdit>>& made) {
        --m_busy;
        refresh();
        // Something was changed meanwhile: nothing of that is lost.
        if (!made.first.sharesAllWith(m_session.document.project()))
            return m_session.say(tr("The project has changed meanwhile. Take them in once more."));
        if (!m_session.document.apply(made.second)) return;
        m_session.say(tr("They are pieces now; undo takes them back."));
        forget();
        Q_EMIT left();
    });
}

void ModelsPage::refresh() {
    qsizetype taken = 0, refused = 0;
    for (const IncomingModel& model : m_models) {
        taken += model.isTaken && model.seen ? 1 : 0;
        refused += model.error ? 1 : 0;
    }
    const level::Kit* into = kit();
    // Another level, or another module: all is measured anew.
    if (!m_models.empty() && into && m_lookedFor && !(*m_lookedFor == *into)) look(true);
    setWords(tr("Models"),
             into ? tr("for %1").arg(QString::fromStdString(into->title)) : QString());
    m_take->setText(taken == 1 ? tr("Take it in") : tr("Take %1 in").arg(taken));
    m_take->setEnabled(taken > 0);
    if (!isBusy()) {
        QString words = m_models.empty()
                            ? tr("Choose files or a folder, or drop them on the window. Of a file "
                                 "with many nodes each becomes a piece.")
                            : counted(qsizetype(m_models.size()), tr("model"), tr("models")) + u'.';
        if (refused > 0) words += u' ' + tr("%1 cannot be taken; the row says why.").arg(refused);
        m_told->setText(words);
    }
    Page::refresh();
}

void ModelsPage::takeFocus() {
    m_table->setFocus(Qt::OtherFocusReason);
}

void ModelsPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) return take();
    Page::keyPressEvent(event);
}

}  // namespace rook::app
