#include "upbeat/causes/search.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <set>
#include <utility>

#include "cells.h"
#include "projection.h"

namespace upbeat {

namespace {

/// A problem of weighted least squares, and which columns are taken.
class Search {
  public:
    Search(const Observed& observed, const std::vector<CauseColumn>& columns)
        : m_observed(observed), m_columns(columns), m_rest(aboutTheirCells(observed)) {
        const auto cells = static_cast<double>(std::set<int>(observed.cells.begin(), observed.cells.end()).size());
        m_freedom = static_cast<double>(m_rest.size()) - cells;
        if (m_freedom >= 1) m_scatter = scatterOf(m_rest, m_freedom);
        weigh();
    }

    CauseSearch run() {
        while (m_freedom > 0 && m_taken.size() < kMostCauses) {
            const auto next = bestColumn();
            if (!next) break;
            const auto before = m_taken;
            m_taken.push_back(*next);
            dropWhatFell();
            while (exchangeOne()) {
            }
            if (m_taken == before) break;
        }
        return result();
    }

  private:
    static constexpr std::size_t kMostCauses = 12;

    struct Fit {
        double size = 0;
        double error = 0;
        double gain = 0;
    };

    void weigh() {
        constexpr double kHuber = 2;  // deviations
        for (const double r : m_rest) {
            const double away = std::abs(r) / std::max(m_scatter, kLeastScatter);
            m_root.push_back(std::sqrt(away > kHuber ? kHuber / away : 1.0));
        }
        std::set<int> levels(m_observed.levels.begin(), m_observed.levels.end());
        for (const int level : levels) {
            std::vector<double> own(m_observed.levels.size());
            for (std::size_t i = 0; i < own.size(); ++i) own[i] = m_observed.levels[i] == level ? 1 : 0;
            m_base.add(weighted(own));
        }
        m_values = weighted(m_observed.values);
        m_weighted.reserve(m_columns.size());
        for (const CauseColumn& column : m_columns) m_weighted.push_back(weighted(column.of));
    }

    [[nodiscard]] std::vector<double> weighted(std::vector<double> values) const {
        for (std::size_t i = 0; i < values.size(); ++i) values[i] *= m_root[i];
        return values;
    }

    [[nodiscard]] Spanned withTaken(std::optional<std::size_t> without = std::nullopt) const {
        Spanned all = m_base;
        for (const std::size_t column : m_taken)
            if (column != without) all.add(m_weighted[column]);
        return all;
    }

    /// Of what moves with the passes the means of the passes tell how surely it is known. `left`: by the others, and
    /// then without `size` times the column.
    [[nodiscard]] double scatterOfPasses(const std::vector<double>& left, const std::vector<double>& own,
                                         double size) const {
        std::map<int, std::vector<double>> byPass;
        for (std::size_t i = 0; i < left.size(); ++i) byPass[m_observed.passes[i]].push_back(left[i] - size * own[i]);
        double sum = 0;
        for (const auto& [pass, values] : byPass)
            sum += std::pow(mean(values), 2.0) * static_cast<double>(values.size());
        const double freedom = static_cast<double>(byPass.size()) - 2;
        return freedom >= 1 ? std::max(m_scatter, std::sqrt(sum / freedom)) : 1e9;
    }

    /// A column on what the span leaves; nothing where it says what the span says already. What is left lies outside of
    /// the span, so the column needs not be taken there to be held against it.
    [[nodiscard]] std::optional<Fit> fit(std::size_t index, const Spanned& others,
                                         const std::vector<double>& left) const {
        const CauseColumn& column = m_columns[index];
        const std::vector<double>& whole = m_weighted[index];
        const double length = others.squaredOutside(whole);
        if (length < 1e-6 * dot(whole, whole) || length <= 0) return std::nullopt;
        Fit fit;
        fit.size = dot(whole, left) / length;
        const double scatter = column.isSlow ? scatterOfPasses(left, others.outside(whole), fit.size) : m_scatter;
        fit.error = scatter / std::sqrt(length) * studentT975(m_freedom) / studentT975(1e6);
        fit.gain = 0.5 * std::pow(fit.size / fit.error, 2.0) - column.cost;
        constexpr double kUnlikelier = 0.5;
        if (column.likelier * fit.size < 0) fit.gain -= kUnlikelier;
        if (column.only * fit.size < 0) fit.gain = -column.cost;
        return fit;
    }

    [[nodiscard]] std::optional<std::size_t> bestColumn() const {
        const Spanned span = withTaken();
        const auto left = span.outside(m_values);
        std::optional<std::size_t> best;
        double most = 0;
        for (std::size_t c = 0; c < m_columns.size(); ++c) {
            if (std::find(m_taken.begin(), m_taken.end(), c) != m_taken.end()) continue;
            const auto one = fit(c, span, left);
            if (one && one->gain > most + 1e-9) best = c, most = one->gain;
        }
        return best;
    }

    [[nodiscard]] std::optional<Fit> fitOfTaken(std::size_t column) const {
        const Spanned others = withTaken(column);
        return fit(column, others, others.outside(m_values));
    }

    void dropWhatFell() {
        const auto taken = m_taken;
        for (const std::size_t column : taken) {
            const auto one = fitOfTaken(column);
            if (!one || one->gain <= 0) std::erase(m_taken, column);
        }
    }

    /// What all that is taken gains together.
    [[nodiscard]] double worth() {
        double sum = 0;
        const auto taken = std::exchange(m_taken, {});
        for (const std::size_t column : taken) {
            const Spanned span = withTaken();
            if (const auto one = fit(column, span, span.outside(m_values))) sum += one->gain;
            m_taken.push_back(column);
        }
        return sum;
    }

    /// One cause may take the place of several that were believed before it.
    bool exchangeOne() {
        constexpr double kNear = 3;
        constexpr double kBetter = 0.5;
        const auto taken = m_taken;
        const double now = worth();
        for (std::size_t k = 0; k < taken.size(); ++k) {
            const Spanned others = withTaken(taken[k]);
            const auto left = others.outside(m_values);
            const auto own = fit(taken[k], others, left);
            for (std::size_t c = 0; own && c < m_columns.size(); ++c) {
                if (std::find(taken.begin(), taken.end(), c) != taken.end()) continue;
                const auto other = fit(c, others, left);
                if (!other || other->gain < own->gain - kNear) continue;
                m_taken = taken;
                m_taken[k] = c;
                dropWhatFell();
                if (worth() > now + kBetter) return true;
                m_taken = taken;
            }
        }
        return false;
    }

    [[nodiscard]] CauseSearch result() const {
        CauseSearch found;
        found.scatter = m_scatter;
        found.explained.assign(m_values.size(), 0.0);
        for (const std::size_t column : m_taken) {
            const auto one = fitOfTaken(column);
            if (!one) continue;
            const auto n = static_cast<int>(std::count_if(m_columns[column].of.begin(), m_columns[column].of.end(),
                                                          [](double x) { return x != 0; }));
            const double half = studentT975(1e6) * one->error;
            found.causes.push_back({column, {one->size, one->size - half, one->size + half, n}, one->gain});
            for (std::size_t i = 0; i < found.explained.size(); ++i)
                found.explained[i] += one->size * m_columns[column].of[i];
        }
        return found;
    }

    const Observed& m_observed;
    const std::vector<CauseColumn>& m_columns;
    std::vector<double> m_rest;
    double m_freedom = 0;
    double m_scatter = 0;
    std::vector<double> m_root;  // of the weights
    Spanned m_base;
    std::vector<double> m_values;
    std::vector<std::vector<double>> m_weighted;  // by column
    std::vector<std::size_t> m_taken;
};

}  // namespace

double costOfOneIn(std::size_t alternatives, std::size_t kinds) {
    constexpr double kFamily = 3.3;  // half the square of the normal's 99.5 % point
    constexpr double kPerAlternative = 0.93;
    return kFamily + kPerAlternative * std::log(static_cast<double>(std::max<std::size_t>(1, alternatives * kinds)));
}

CauseSearch searchCauses(const Observed& observed, const std::vector<CauseColumn>& columns) {
    return Search(observed, columns).run();
}

}  // namespace upbeat
