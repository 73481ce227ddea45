#pragma once

#include <QWidget>

namespace upbeat {

/// What is on the stand: title, a line about it, and the tempo with its goal, large.
class HeaderBar : public QWidget {
    Q_OBJECT
  public:
    explicit HeaderBar(QWidget* parent = nullptr);
    void setTexts(const QString& title, const QString& line, const QString& tempo, const QString& tempoLine);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QString m_title;
    QString m_line;
    QString m_tempo;
    QString m_tempoLine;
};

}  // namespace upbeat
