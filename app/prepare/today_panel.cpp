#include "prepare/today_panel.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QSignalBlocker>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>

#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/words/plan_words.h"

namespace upbeat {

namespace {

enum Roles { KindRole = Qt::UserRole + 1, TitleRole, ReasonRole, MinutesRole, ShareRole, StateRole };
enum State { Ahead, Now, Done };

/// One block: a bar as long as its minutes, what it is for, the exercise, and why.
class BlockDelegate : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;

    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& /*option*/, const QModelIndex& /*index*/) const override {
        return {200, 86};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        constexpr double kBars = 150;
        const Theme& theme = Theme::of(option.palette);
        const int state = index.data(StateRole).toInt();
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const QRectF box = QRectF(option.rect).adjusted(4, 2, -4, -2);
        painter->setPen(Qt::NoPen);
        if (option.state.testFlag(QStyle::State_Selected)) {
            painter->setBrush(theme.target);
            painter->drawRoundedRect(box, 6, 6);
        }
        if (state == Done) painter->setOpacity(0.45);
        painter->setBrush(state == Now ? theme.early : theme.ink);
        const double bar = std::max(4.0, kBars * index.data(ShareRole).toDouble());
        painter->drawRoundedRect(QRectF(box.left() + 12, box.bottom() - 20, bar, 8), 3, 3);
        painter->setPen(theme.ink);
        painter->setFont(typeFace(Type::kTitle, true));
        painter->drawText(QRectF(box.left() + 12, box.top() + 8, kBars, 36), Qt::AlignLeft | Qt::AlignVCenter,
                          TodayPanel::tr("%1 min").arg(index.data(MinutesRole).toInt()));
        const QRectF right(box.left() + kBars + 36, box.top() + 8, box.width() - kBars - 48, box.height() - 20);
        painter->setFont(typeFace(Type::kText));
        painter->setPen(theme.inkSoft);
        painter->drawText(right, Qt::AlignRight | Qt::AlignTop, index.data(KindRole).toString());
        const int kind = painter->fontMetrics().horizontalAdvance(index.data(KindRole).toString());
        painter->drawText(right, Qt::AlignLeft | Qt::AlignBottom,
                          painter->fontMetrics().elidedText(index.data(ReasonRole).toString(), Qt::ElideRight,
                                                            static_cast<int>(right.width())));
        painter->setFont(typeFace(Type::kTitle, true));
        painter->setPen(theme.ink);
        painter->drawText(right, Qt::AlignLeft | Qt::AlignTop,
                          painter->fontMetrics().elidedText(index.data(TitleRole).toString(), Qt::ElideRight,
                                                            static_cast<int>(right.width()) - kind - 16));
        painter->restore();
    }
};

}  // namespace

TodayPanel::TodayPanel(Routine& routine, QWidget* parent)
    : QWidget(parent),
      m_routine(routine),
      m_minutes(new QSpinBox(this)),
      m_way(new QComboBox(this)),
      m_how(new QLabel(this)),
      m_blocks(new QListWidget(this)) {
    auto* down = new QVBoxLayout(this);
    down->setContentsMargins(0, 0, 0, 0);
    auto* top = new QHBoxLayout;
    m_minutes->setRange(5, kLongestPlan);
    m_minutes->setSingleStep(5);
    m_minutes->setSuffix(tr(" minutes"));
    m_minutes->setAccessibleName(tr("Minutes there are today"));
    m_way->setAccessibleName(tr("Way of practising"));
    for (int way = 0; way < kPlanWays; ++way) m_way->addItem(inWords(words::nameOf(static_cast<PlanWay>(way))));
    m_how->setFont(typeFace(Type::kText));
    m_how->setWordWrap(true);
    m_minutes->setButtonSymbols(QAbstractSpinBox::NoButtons);
    top->addWidget(m_minutes);
    top->addWidget(m_way);
    top->addStretch(1);
    auto* care = new QLabel(tr("Loose at the beginning and at the end. A break comes after twenty minutes by itself; X "
                               "in Play stops everything when something hurts."),
                            this);
    care->setWordWrap(true);
    m_blocks->setAccessibleName(tr("Today's plan"));
    m_blocks->setItemDelegate(new BlockDelegate(m_blocks));
    m_blocks->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    setFocusProxy(m_blocks);
    down->addLayout(top);
    down->addWidget(m_how);
    down->addWidget(m_blocks, 1);
    down->addWidget(care);
    connect(m_minutes, &QSpinBox::valueChanged, this, [this](int minutes) { m_routine.setMinutes(minutes); });
    connect(m_way, &QComboBox::currentIndexChanged, this,
            [this](int way) { m_routine.setWay(static_cast<PlanWay>(way)); });
    connect(&m_routine, &Routine::changed, this, &TodayPanel::refresh);
    refresh();
}

QList<KeyHint> TodayPanel::keys() {
    return {{tr("Enter"), tr("begin, hands-free")}, {QStringLiteral("N"), tr("skip this block")},
            {tr("+ -"), tr("longer, shorter")},     {QStringLiteral("W"), tr("another exercise")},
            {tr("Del"), tr("leave it out")},        {tr("Esc"), tr("back to the controls")}};
}

std::size_t TodayPanel::chosen() const {
    return static_cast<std::size_t>(std::max(0, m_blocks->currentRow()));
}

void TodayPanel::swap() {
    m_routine.swap(chosen());
}

void TodayPanel::lengthen(int minutes) {
    m_routine.lengthen(chosen(), minutes);
}

void TodayPanel::leaveOut() {
    if (const auto& plan = m_routine.plan(); !m_routine.isOn() && chosen() < plan.size())
        m_routine.plan(plan[chosen()].exerciseId, false);
}

void TodayPanel::refresh() {
    const QSignalBlocker quietMinutes(m_minutes);
    const QSignalBlocker quietWay(m_way);
    const PlanWish wish = m_routine.wish();
    m_minutes->setValue(wish.minutes);
    m_way->setCurrentIndex(static_cast<int>(wish.way));
    m_minutes->setEnabled(!m_routine.isOn());
    m_way->setEnabled(!m_routine.isOn());
    m_how->setText(inWords(words::explained(wish.way)));
    const int row = m_blocks->currentRow();
    m_blocks->clear();
    const auto& plan = m_routine.plan();
    int longest = 1;
    for (const PlanBlock& block : plan) longest = std::max(longest, block.minutes);
    for (std::size_t i = 0; i < plan.size(); ++i) {
        const PlanBlock& block = plan[i];
        auto* item = new QListWidgetItem(m_blocks);
        item->setData(KindRole, inWords(words::nameOf(block.kind)));
        item->setData(TitleRole, m_routine.titleOf(block));
        item->setData(ReasonRole, inWords(words::reasonOf(block)));
        item->setData(MinutesRole, block.minutes);
        item->setData(ShareRole, static_cast<double>(block.minutes) / longest);
        const bool isNow = m_routine.isOn() && i == m_routine.current();
        item->setData(StateRole, isNow ? Now : (m_routine.isOn() && i < m_routine.current() ? Done : Ahead));
        item->setData(Qt::AccessibleTextRole, item->data(TitleRole).toString());
    }
    if (!plan.empty()) m_blocks->setCurrentRow(std::clamp(row, 0, static_cast<int>(plan.size()) - 1));
}

}  // namespace upbeat
