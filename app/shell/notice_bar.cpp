#include "shell/notice_bar.h"

#include <QHBoxLayout>
#include <QPainter>
#include <algorithm>

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
    connect(m_yes, &QPushButton::clicked, this, [this] { answer(true); });
    connect(m_no, &QPushButton::clicked, this, [this] { answer(false); });
    m_timer.setSingleShot(true);
    connect(&m_timer, &QTimer::timeout, this, [this] {
        m_notices.pop_front();
        showNext();
    });
    hide();
}

void NoticeBar::say(const QString& sentence) {
    add({sentence, {}, {}, nullptr, nullptr});
}

void NoticeBar::complain(const QString& sentence) {
    add({sentence, {}, tr("Understood"), nullptr, nullptr});
}

void NoticeBar::ask(const QString& sentence, const QString& yes, std::function<void()> onYes, const QString& no,
                    std::function<void()> onNo) {
    add({sentence, yes, no, std::move(onYes), std::move(onNo)});
}

/// A remark takes the place of another one; what stays is said once, however often it happens.
void NoticeBar::add(Notice notice) {
    const auto isThere = [&notice](const Notice& n) { return n.sentence == notice.sentence; };
    if (notice.stays() && std::any_of(m_notices.begin(), m_notices.end(), isThere)) return;
    std::erase_if(m_notices, [](const Notice& n) { return !n.stays(); });
    m_notices.push_back(std::move(notice));
    showNext();
}

void NoticeBar::answer(bool yes) {
    const Notice answered = std::move(m_notices.front());
    m_notices.pop_front();
    showNext();
    if (const auto& then = yes ? answered.onYes : answered.onNo) then();
}

void NoticeBar::setQuiet(bool quiet) {
    m_quiet = quiet;
    std::erase_if(m_notices, [](const Notice& n) { return !n.stays(); });
    showNext();
}

void NoticeBar::showNext() {
    constexpr int kReadMs = 5000;
    m_timer.stop();
    setVisible(!m_notices.empty() && !m_quiet);
    if (m_notices.empty()) return;
    const Notice& notice = m_notices.front();
    m_label->setText(notice.sentence);
    setAccessibleName(notice.sentence);
    m_yes->setVisible(!notice.yes.isEmpty());
    m_yes->setText(notice.yes);
    m_no->setVisible(!notice.no.isEmpty());
    m_no->setText(notice.no);
    if (!notice.stays()) m_timer.start(kReadMs);
    update();
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
