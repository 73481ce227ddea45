#include "studio/open_take.h"

namespace upbeat {

Result<OpenedTake> openTake(const TakeArchive& archive, const DataFolder& folder, qint64 id,
                            const std::optional<Profile>& today) {
    auto found = archive.find(id, today);
    if (!found) return tl::unexpected(found.error());
    auto view = std::make_shared<TakeView>();
    TakeRecord& take = found->take;
    view->id = id;
    view->analysis = found->analysis();
    if (!take.file.empty()) view->soundFile = QString::fromStdString((folder.takes() / take.file).string());
    view->stored = std::move(take);
    view->remarks = std::move(found->remarks);
    return OpenedTake{view, found->isNewest};
}

}  // namespace upbeat
