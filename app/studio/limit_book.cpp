#include "studio/limit_book.h"

#include "upbeat/formats/limits_json.h"
#include "upbeat/music/origin.h"

namespace upbeat {

namespace {

std::filesystem::path fileIn(const DataFolder& folder) {
    return folder.root() / "limits.json";
}

}  // namespace

LimitBook::LimitBook(const With& with) : m_with(with) {
    if (!std::filesystem::exists(fileIn(m_with.folder))) return;
    if (auto read = readLimits(fileIn(m_with.folder)))
        m_limits = *std::move(read);
    else
        m_with.notices.complain(read.error());
}

Profile LimitBook::profileFor(const Exercise& exercise) const {
    return {m_with.setup.settings().profile, m_limits.of(wholeIdOf(exercise))};
}

void LimitBook::change(const LimitSet& limits) {
    if (limits == m_limits) return;
    m_past.push_back(m_limits);
    keep(limits);
}

void LimitBook::undo() {
    if (m_past.empty()) return m_with.notices.say(tr("No limit was changed."));
    const LimitSet before = m_past.back();
    m_past.pop_back();
    keep(before);
}

void LimitBook::keep(const LimitSet& limits) {
    m_limits = limits;
    Q_EMIT changed();
    if (!m_with.folder.mayWrite()) return;
    m_with.worker.run([file = fileIn(m_with.folder), limits] { return writeLimits(file, limits); },
                      [this](const Result<void>& written) {
                          if (!written) m_with.notices.complain(written.error());
                      });
}

void LimitBook::open(const QString& file) {
    m_with.worker.run([path = file.toStdString()] { return readLimits(path); },
                      [this](const Result<LimitSet>& read) {
                          if (!read) return m_with.notices.complain(read.error());
                          change(*read);
                          const QString title = QString::fromStdString(read->title);
                          m_with.notices.say(title.isEmpty()
                                                 ? tr("These limits are asked from now on.")
                                                 : tr("%1: these limits are asked from now on.").arg(title));
                      });
}

void LimitBook::saveAs(const QString& file) {
    m_with.worker.run([path = file.toStdString(), limits = m_limits] { return writeLimits(path, limits); },
                      [this, file](const Result<void>& written) {
                          if (!written) return m_with.notices.complain(written.error());
                          m_with.notices.say(tr("Your limits are in %1.").arg(file));
                      });
}

}  // namespace upbeat
