#pragma once

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>
#include <QWidget>

#include "studio/manuscript.h"

namespace upbeat {

/// What belongs to the page being written but is no stroke: title, meter, bars, feel, rules that change many strokes at
/// once, what does not fit, and the keys.
class EditPanel : public QWidget {
    Q_OBJECT
  public:
    /// The manuscript outlives it.
    explicit EditPanel(Manuscript& manuscript, QWidget* parent = nullptr);
    /// Shows the page as it now is.
    void refresh();

    /// A rule with words of the player's: "5+3+5+3" builds groups, "7" a roll of so many strokes at the pen,
    /// "mf" how loud the selection is, and "hip-po-pot-a-mus" own counting words. Nothing where it worked, else what is
    /// wrong.
    [[nodiscard]] QString applyWords(const QString& text);

    /// Writes another exercise behind the phrase; on an empty page it is the first. What is wrong or was lost, if
    /// anything.
    [[nodiscard]] QString append(const Exercise& section);

  Q_SIGNALS:
    /// The player wants to choose an exercise to append.
    void sectionWanted();
    /// Something was applied: the keys belong to the page again.
    void pageWanted();

  private:
    [[nodiscard]] bool applyToSelection(const QString& text);
    void build();
    void makeFields();
    [[nodiscard]] QLayout* buildFields();
    void askForWords();
    /// What is wrong or, where nothing is, what stands under the pen.
    void say(const QString& complaint);
    void applyMeter(int index);
    void showMeter(const Meter& meter, bool isOfThisBar);
    void applyRule(int rule);
    [[nodiscard]] QWidget* buildKeys();

    Manuscript& m_manuscript;
    QLabel* m_complaint = nullptr;
    QLineEdit* m_title = nullptr;
    QComboBox* m_meter = nullptr;
    QSpinBox* m_bars = nullptr;
    QComboBox* m_feel = nullptr;
    QDoubleSpinBox* m_ratio = nullptr;
    QComboBox* m_voice = nullptr;
    QComboBox* m_rule = nullptr;
};

}  // namespace upbeat
