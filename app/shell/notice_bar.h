#pragma once

#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <QWidget>
#include <deque>
#include <functional>

namespace upbeat {

/// One sentence to the player, with ways out where there are any. Errors and questions stay until they are answered,
/// one after the other; remarks leave by themselves and wait while something stays.
class NoticeBar : public QWidget {
    Q_OBJECT
  public:
    explicit NoticeBar(QWidget* parent = nullptr);

    void say(const QString& sentence);
    void complain(const QString& sentence);
    /// A question with two answers; the first is the way forward.
    void ask(const QString& sentence, const QString& yes, std::function<void()> onYes, const QString& no,
             std::function<void()> onNo);
    /// While a take runs nothing is shown; what has to be answered comes back afterwards.
    void setQuiet(bool quiet);
    [[nodiscard]] QString text() const { return m_label->text(); }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    struct Notice {
        QString sentence;
        QString yes;
        QString no;
        std::function<void()> onYes;
        std::function<void()> onNo;

        [[nodiscard]] bool stays() const { return !yes.isEmpty() || !no.isEmpty(); }
    };
    void add(Notice notice);
    void answer(bool yes);
    void showNext();

    QLabel* m_label;
    QPushButton* m_yes;
    QPushButton* m_no;
    QTimer m_timer;
    std::deque<Notice> m_notices;  // the first is the one that is shown
    bool m_quiet = false;
};

}  // namespace upbeat
