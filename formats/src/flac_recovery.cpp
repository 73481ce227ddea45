#include "upbeat/formats/flac_recovery.h"

#include <FLAC/stream_decoder.h>

#include <cstdint>
#include <memory>
#include <optional>
#include <system_error>
#include <utility>
#include <vector>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

struct DeleteDecoder {
    void operator()(FLAC__StreamDecoder* decoder) const { FLAC__stream_decoder_delete(decoder); }
};

/// Decodes frame by frame into a new file; what the head says of the length is not asked.
struct Rescue {
    fs::path to;
    std::unique_ptr<FlacWriter> out;
    std::vector<float> block;
    std::int64_t samples = 0;
    int sampleRate = 0;
    bool hasHead = false;
    std::optional<Error> error;

    FLAC__StreamDecoderWriteStatus take(const FLAC__Frame& frame, const FLAC__int32* const* channels) {
        const auto& head = frame.header;
        if (head.channels != 1 || head.sample_rate == 0 || head.bits_per_sample == 0 || head.bits_per_sample > 32)
            return FLAC__STREAM_DECODER_WRITE_STATUS_ABORT;
        if (!out) {
            sampleRate = static_cast<int>(head.sample_rate);
            auto opened = FlacWriter::open(to, sampleRate);
            if (!opened) {
                error = opened.error();
                return FLAC__STREAM_DECODER_WRITE_STATUS_ABORT;
            }
            out = std::move(*opened);
        }
        const float scale = 1.0F / static_cast<float>(std::uint64_t{1} << (head.bits_per_sample - 1));
        block.resize(head.blocksize);
        for (std::size_t i = 0; i < block.size(); ++i) block[i] = static_cast<float>(channels[0][i]) * scale;
        samples += static_cast<std::int64_t>(block.size());
        if (static_cast<double>(samples) > kLongestRecordingS * sampleRate)
            return FLAC__STREAM_DECODER_WRITE_STATUS_ABORT;
        if (out->write(block)) return FLAC__STREAM_DECODER_WRITE_STATUS_CONTINUE;
        error = noRoom();
        return FLAC__STREAM_DECODER_WRITE_STATUS_ABORT;
    }

    [[nodiscard]] Error noRoom() const {
        return {"the saved recording could not be written", to.string(), "free some space; nothing is lost yet"};
    }
};

void decodeInto(Rescue& rescue, const fs::path& broken) {
    const std::unique_ptr<FLAC__StreamDecoder, DeleteDecoder> decoder(FLAC__stream_decoder_new());
    const auto write = [](const FLAC__StreamDecoder*, const FLAC__Frame* frame, const FLAC__int32* const channels[],
                          void* self) { return static_cast<Rescue*>(self)->take(*frame, channels); };
    const auto note = [](const FLAC__StreamDecoder*, const FLAC__StreamMetadata* data, void* self) {
        if (data->type == FLAC__METADATA_TYPE_STREAMINFO) static_cast<Rescue*>(self)->hasHead = true;
    };
    // Where it breaks off the decoder loses its way: what came before is what there is.
    const auto ignore = [](const FLAC__StreamDecoder*, FLAC__StreamDecoderErrorStatus, void*) {};
    const auto ready = FLAC__stream_decoder_init_file(decoder.get(), broken.c_str(), write, note, ignore, &rescue);
    if (ready != FLAC__STREAM_DECODER_INIT_STATUS_OK) return;
    (void)FLAC__stream_decoder_process_until_end_of_stream(decoder.get());
    (void)FLAC__stream_decoder_finish(decoder.get());
}

}  // namespace

Result<double> recoverFlac(const fs::path& broken, const fs::path& whole) {
    // The temporary name is one that nothing else uses: NAME.flac.part is the interrupted recording itself.
    Rescue rescue{.to = whole.string() + ".mend", .out = {}, .block = {}, .error = {}};
    std::error_code ignored;
    if (!fs::is_regular_file(broken, ignored)) return fail(UPBEAT_TEXT("there is no such recording"), broken.string());
    decodeInto(rescue, broken);
    if (!rescue.error && rescue.out && !rescue.out->close()) rescue.error = rescue.noRoom();
    rescue.out.reset();
    if (!rescue.error && rescue.samples > 0) {
        std::error_code error;
        fs::rename(rescue.to, whole, error);
        if (error) rescue.error = rescue.noRoom();
    }
    if (rescue.error) {
        fs::remove(rescue.to, ignored);
        return tl::unexpected(*rescue.error);
    }
    if (rescue.samples == 0 && rescue.hasHead) return 0.0;
    if (rescue.samples == 0)
        return fail(UPBEAT_TEXT("nothing can be saved of it"), broken.string(), UPBEAT_TEXT("delete it"));
    syncToDisk(whole.parent_path());
    return static_cast<double>(rescue.samples) / rescue.sampleRate;
}

}  // namespace upbeat
