#pragma once

#include <QPaintDevice>
#include <QPaintEngine>
#include <QPainter>
#include <QWidget>
#include <memory>

namespace upbeat::test {

/// A text that a widget paints, and whether all of it can be seen from left to right.
struct PaintedText {
    QString text;
    bool isCutOff = false;
};

/// A device that shows nothing and writes down every text that is painted on it.
class TextRecorder : public QPaintDevice {
  public:
    static QList<PaintedText> textsOf(QWidget& window) {
        TextRecorder device(window.size());
        window.render(&device, QPoint(), QRegion(), QWidget::DrawWindowBackground | QWidget::DrawChildren);
        return device.m_engine->texts;
    }

    [[nodiscard]] QPaintEngine* paintEngine() const override { return m_engine.get(); }

  protected:
    [[nodiscard]] int metric(PaintDeviceMetric metric) const override {
        switch (metric) {
            case PdmWidth:
                return m_size.width();
            case PdmHeight:
                return m_size.height();
            case PdmDepth:
                return 32;
            case PdmDpiX:
            case PdmDpiY:
            case PdmPhysicalDpiX:
            case PdmPhysicalDpiY:
                return 96;
            default:
                return QPaintDevice::metric(metric);
        }
    }

  private:
    class Engine : public QPaintEngine {
      public:
        Engine() : QPaintEngine(AllFeatures) {}
        bool begin(QPaintDevice* /*device*/) override { return true; }
        bool end() override { return true; }
        void updateState(const QPaintEngineState& now) override {
            if ((now.state() & DirtyTransform) != 0) m_transform = now.transform();
        }
        void drawPixmap(const QRectF& /*to*/, const QPixmap& /*pixmap*/, const QRectF& /*from*/) override {}
        void drawPath(const QPainterPath& /*path*/) override {}
        void drawPolygon(const QPointF* /*points*/, int /*count*/, PolygonDrawMode /*mode*/) override {}
        void drawTextItem(const QPointF& at, const QTextItem& item) override {
            constexpr double kTolerance = 3;
            const QRectF box = m_transform.mapRect(QRectF(at.x(), at.y() - item.ascent(), item.width(), 1));
            const QRectF seen = systemClip().boundingRect();
            const bool fits =
                seen.isEmpty() || (box.left() >= seen.left() - kTolerance && box.right() <= seen.right() + kTolerance);
            texts.append({item.text(), !fits});
        }
        [[nodiscard]] Type type() const override { return User; }

        QList<PaintedText> texts;

      private:
        QTransform m_transform;
    };

    explicit TextRecorder(const QSize& size) : m_size(size) {}

    QSize m_size;
    std::unique_ptr<Engine> m_engine = std::make_unique<Engine>();
};

}  // namespace upbeat::test
