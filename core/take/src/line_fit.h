#pragma once

namespace upbeat {

/// A straight line through points by least squares. With `forget` below 1 earlier points count less and less.
class LineFit {
  public:
    void add(double x, double y, double forget = 1.0) {
        m_n = forget * m_n + 1, m_x = forget * m_x + x, m_y = forget * m_y + y;
        m_xx = forget * m_xx + x * x, m_xy = forget * m_xy + x * y;
    }
    /// 0 where all points share one x.
    [[nodiscard]] double slope() const {
        const double spread = m_n * m_xx - m_x * m_x;
        return spread > 0 ? (m_n * m_xy - m_x * m_y) / spread : 0.0;
    }
    [[nodiscard]] double at(double x) const { return (m_y + slope() * (m_n * x - m_x)) / m_n; }
    [[nodiscard]] double mean() const { return m_y / m_n; }

  private:
    double m_n = 0, m_x = 0, m_y = 0, m_xx = 0, m_xy = 0;
};

}  // namespace upbeat
