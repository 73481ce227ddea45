#include "shell/help_sheet.h"

#include <QComboBox>
#include <QGridLayout>
#include <QLabel>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <algorithm>
#include <array>

#include "shell/glossary.h"
#include "theme/language.h"
#include "theme/theme.h"

namespace upbeat {

namespace {

QWidget* sectionWidget(const KeySection& section, QWidget* parent) {
    auto* box = new QWidget(parent);
    auto* grid = new QGridLayout(box);
    grid->setHorizontalSpacing(14);
    grid->setVerticalSpacing(3);
    grid->setContentsMargins(0, 0, 0, 6);
    auto* title = new QLabel(section.title, box);
    title->setFont(typeFace(Type::kLead, true));
    grid->addWidget(title, 0, 0, 1, 2);
    int row = 1;
    for (const KeyHint& hint : section.keys) {
        auto* key = new QLabel(hint.key, box);
        key->setFont(typeFace(Type::kText, true));
        auto* what = new QLabel(hint.what, box);
        what->setFont(typeFace(Type::kText));
        what->setWordWrap(hint.key.isEmpty());  // a sentence and no key
        grid->addWidget(key, row, 0, Qt::AlignLeft);
        grid->addWidget(what, row, 1, Qt::AlignLeft);
        ++row;
    }
    grid->setRowStretch(row, 1);
    grid->setColumnStretch(1, 1);
    return box;
}

QScrollArea* rolling(QWidget* page, QWidget* parent) {
    auto* area = new QScrollArea(parent);
    area->setWidget(page);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    return area;
}

/// Every section goes where there is most room.
QWidget* keysPage(const QList<KeySection>& sections, QWidget* parent) {
    auto* page = new QWidget(parent);
    auto* across = new QHBoxLayout(page);
    across->setContentsMargins(0, 8, 0, 0);
    across->setSpacing(24);
    constexpr int kColumns = 3;
    std::array<QVBoxLayout*, kColumns> columns{};
    for (auto*& column : columns) across->addLayout(column = new QVBoxLayout);
    for (const KeySection& section : sections) {
        auto* shortest = *std::min_element(columns.begin(), columns.end(), [](QVBoxLayout* a, QVBoxLayout* b) {
            return a->sizeHint().height() < b->sizeHint().height();
        });
        shortest->addWidget(sectionWidget(section, page));
    }
    for (auto* column : columns) column->addStretch();
    return page;
}

QLabel* sentence(const QString& text, bool bold, QWidget* parent) {
    auto* label = new QLabel(text, parent);
    label->setFont(typeFace(Type::kText, bold));
    label->setWordWrap(true);
    label->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    return label;
}

/// What is there now, with a number on every part.
QPixmap numbered(const Place& place, const QList<HelpPoint>& points) {
    QPixmap picture = const_cast<Place&>(place).grab();
    const Theme& theme = Theme::of(place.palette());
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    constexpr double kRadius = 20;
    int number = 0;
    for (const HelpPoint& point : points) {
        ++number;
        painter.setPen(QPen(theme.late, 3));
        painter.setBrush(Qt::NoBrush);
        painter.drawRoundedRect(point.where.adjusted(2, 2, -2, -2), 8, 8);
        const QPointF at = QPointF(point.where.topRight()) + QPointF(-kRadius - 6, kRadius + 6);
        painter.setBrush(theme.spine);
        painter.drawEllipse(at, kRadius, kRadius);
        painter.setPen(theme.spineInk);
        painter.setFont(typeFace(24, true));
        painter.drawText(QRectF(at.x() - kRadius, at.y() - kRadius, 2 * kRadius, 2 * kRadius), Qt::AlignCenter,
                         QString::number(number));
    }
    return picture;
}

QWidget* placePage(const Place& place, QWidget* parent) {
    QList<HelpPoint> points = place.helpPoints();
    points.removeIf([](const HelpPoint& point) { return point.where.isEmpty(); });
    auto* page = new QWidget(parent);
    auto* down = new QVBoxLayout(page);
    auto* picture = new QLabel(page);
    constexpr int kWidth = 720;
    picture->setPixmap(numbered(place, points).scaledToWidth(kWidth, Qt::SmoothTransformation));
    picture->setAccessibleName(HelpSheet::tr("Picture of this place with numbers"));
    down->addWidget(picture, 0, Qt::AlignHCenter);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(14);
    for (int i = 0; i < points.size(); ++i) {
        grid->addWidget(sentence(QString::number(i + 1), true, page), i, 0);
        grid->addWidget(sentence(points[i].what, false, page), i, 1);
    }
    grid->setColumnStretch(1, 1);
    down->addLayout(grid);
    down->addStretch();
    return page;
}

QWidget* wordsPage(QWidget* parent) {
    auto* page = new QWidget(parent);
    auto* grid = new QGridLayout(page);
    grid->setHorizontalSpacing(18);
    grid->setVerticalSpacing(8);
    int row = 0;
    for (const Term& term : glossary()) {
        grid->addWidget(sentence(term.word, true, page), row, 0);
        grid->addWidget(sentence(term.meaning, false, page), row, 1);
        ++row;
    }
    grid->setColumnStretch(1, 1);
    grid->setRowStretch(row, 1);
    return page;
}

}  // namespace

HelpSheet::HelpSheet(const Place* now, const QString& name, const QList<KeySection>& sections, QWidget* parent)
    : QDialog(parent), m_tabs(new QTabWidget(this)) {
    setWindowTitle(tr("Help"));
    auto* keys = keysPage(sections, m_tabs);
    const QSize wanted = keys->sizeHint();
    if (now != nullptr) m_tabs->addTab(rolling(placePage(*now, m_tabs), m_tabs), name);
    m_tabs->addTab(rolling(keys, m_tabs), tr("Keys"));
    m_tabs->addTab(rolling(wordsPage(m_tabs), m_tabs), tr("Words"));
    auto* care = sentence(
        tr("Protect your hearing, keep the click low in headphones, take breaks, and stop when something hurts. "
           "What does not pass belongs to a doctor or a qualified teacher; this program gives no medical advice."),
        false, this);
    care->setFont(typeFace(Type::kSmall));
    auto* guide = new QPushButton(tr("A first take, step by step"), this);
    connect(guide, &QPushButton::clicked, this, [this] {
        accept();
        Q_EMIT guideWanted();
    });
    auto* change = new QPushButton(tr("Change keys"), this);
    connect(change, &QPushButton::clicked, this, [this] {
        accept();
        Q_EMIT keysWanted();
    });
    auto* close = new QPushButton(tr("Close"), this);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    auto* foot = new QHBoxLayout;
    foot->addWidget(care, 1);
    foot->addWidget(guide, 0, Qt::AlignBottom);
    foot->addWidget(change, 0, Qt::AlignBottom);
    foot->addWidget(close, 0, Qt::AlignBottom);
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(28, 20, 28, 20);
    down->addWidget(m_tabs, 1);
    down->addLayout(foot);
    constexpr QSize kAround(90, 170);
    resize(parent != nullptr ? (wanted + kAround).boundedTo(parent->size()) : wanted + kAround);
}

void HelpSheet::offerLanguages(const QString& now) {
    auto* box = new QComboBox(m_tabs);
    box->setAccessibleName(tr("Language"));
    box->setToolTip(tr("Language"));
    box->addItem(tr("As the desktop"), QString());
    for (const QString& code : Language::all()) box->addItem(Language::nameOf(code), code);
    box->setCurrentIndex(std::max(0, box->findData(now)));
    m_tabs->setCornerWidget(box);
    connect(box, &QComboBox::activated, this, [this, box, now] {
        const QString code = box->currentData().toString();
        if (code == now) return;
        accept();
        Q_EMIT languageChosen(code);
    });
}

}  // namespace upbeat
