#include "shell/notice_bar.h"

#include <QHBoxLayout>
#include <QPainter>

#include "theme/theme.h"

namespace upbeat {

NoticeBar::NoticeBar(QWidget* parent)
    : QWidget(parent), m_label(new QLabel(this)), m_yes(new QPushButton(this)), m_no(new QPushButton(this)) {
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 8, 10, 8);
    m_label->setFont(typeFace(Type::kText));
    m_label->setWordWrap(true);
    layout->addWidget(m_label, 1);
    layout->addWidget(m_yes);
    layout->addWidget(m_no);
    connect(m_yes, &QPushButton::clicked, this, [this] {
        hide();
        if (m_onYes) m_onYes();
    });
    connect(m_no, &QPushButton::clicked, this, [this] {
        hide();
        if (m_onNo) m_onNo();
    });
    m_timer.setSingleShot(true);
    connect(&m_timer, &QTimer::timeout, this, &QWidget::hide);
    hide();
}

void NoticeBar::show(const QString& sentence, const QString& yes, const QString& no) {
    m_timer.stop();
    m_label->setText(sentence);
    setAccessibleName(sentence);
    m_yes->setVisible(!yes.isEmpty());
    m_yes->setText(yes);
    m_no->setVisible(!no.isEmpty());
    m_no->setText(no);
    QWidget::show();
    update();
}

void NoticeBar::say(const QString& sentence) {
    constexpr int kReadMs = 5000;
    m_onYes = m_onNo = nullptr;
    show(sentence, {}, {});
    m_timer.start(kReadMs);
}

void NoticeBar::complain(const QString& sentence) {
    m_onYes = m_onNo = nullptr;
    show(sentence, {}, tr("Understood"));
}

void NoticeBar::ask(const QString& sentence, const QString& yes, std::function<void()> onYes, const QString& no,
                    std::function<void()> onNo) {
    m_onYes = std::move(onYes);
    m_onNo = std::move(onNo);
    show(sentence, yes, no);
}

void NoticeBar::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(theme.late, 1.5));
    painter.setBrush(theme.surface);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 8, 8);
}

}  // namespace upbeat
