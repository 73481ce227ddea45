#pragma once

#include <QLabel>
#include <QPushButton>
#include <QTimer>
#include <QWidget>
#include <functional>

namespace upbeat {

/// One sentence to the player, with ways out where there are any. Errors stay until dismissed, remarks leave by
/// themselves.
class NoticeBar : public QWidget {
    Q_OBJECT
  public:
    explicit NoticeBar(QWidget* parent = nullptr);

    void say(const QString& sentence);
    void complain(const QString& sentence);
    /// A question with two answers; the first is the way forward.
    void ask(const QString& sentence, const QString& yes, std::function<void()> onYes, const QString& no,
             std::function<void()> onNo);
    [[nodiscard]] QString text() const { return m_label->text(); }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    void show(const QString& sentence, const QString& yes, const QString& no);

    QLabel* m_label;
    QPushButton* m_yes;
    QPushButton* m_no;
    QTimer m_timer;
    std::function<void()> m_onYes;
    std::function<void()> m_onNo;
};

}  // namespace upbeat
