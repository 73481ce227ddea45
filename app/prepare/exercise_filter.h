#pragma once

#include <QSortFilterProxyModel>

namespace upbeat {

/// Narrows the list of exercises by a tag, and by words that are all in title, purpose or tags.
class ExerciseFilter : public QSortFilterProxyModel {
    Q_OBJECT
  public:
    using QSortFilterProxyModel::QSortFilterProxyModel;

    void setSearch(const QString& text);
    /// Names of the kinds in the list, each with its tag; the first is all.
    [[nodiscard]] static QList<std::pair<QString, QString>> kinds();
    /// Only exercises with this tag; empty: all.
    void setTag(const QString& tag);
    /// The row of an exercise, -1 where it is not shown.
    [[nodiscard]] int rowOf(const QString& id) const;

  protected:
    [[nodiscard]] bool filterAcceptsRow(int row, const QModelIndex& parent) const override;

  private:
    QStringList m_words;
    QString m_tag;
};

}  // namespace upbeat
