// SPDX-License-Identifier: GPL-3.0-or-later
#include "text/units.h"

#include "core/shop/bits.h"

#include <QCoreApplication>
#include <QLocale>
#include <QRegularExpression>
#include <algorithm>
#include <atomic>
#include <cmath>
#include <numeric>

namespace dowel::text {

QString number(double value, int decimals)
{
    QLocale here;
    here.setNumberOptions(QLocale::OmitGroupSeparator);
    return here.toString(value, 'f', decimals);
}

namespace {

QString inNotesOfLanguage(const char* source)
{
    return QCoreApplication::translate("Notes", source);
}

// As they are called in the language of the window: B flat and B are B and H in German.
[[maybe_unused]] constexpr const char* notes[] = {
    QT_TRANSLATE_NOOP("Notes", "C"),  QT_TRANSLATE_NOOP("Notes", "C#"), QT_TRANSLATE_NOOP("Notes", "Db"),
    QT_TRANSLATE_NOOP("Notes", "D"),  QT_TRANSLATE_NOOP("Notes", "D#"), QT_TRANSLATE_NOOP("Notes", "Eb"),
    QT_TRANSLATE_NOOP("Notes", "E"),  QT_TRANSLATE_NOOP("Notes", "F"),  QT_TRANSLATE_NOOP("Notes", "F#"),
    QT_TRANSLATE_NOOP("Notes", "Gb"), QT_TRANSLATE_NOOP("Notes", "G"),  QT_TRANSLATE_NOOP("Notes", "G#"),
    QT_TRANSLATE_NOOP("Notes", "Ab"), QT_TRANSLATE_NOOP("Notes", "A"),  QT_TRANSLATE_NOOP("Notes", "A#"),
    QT_TRANSLATE_NOOP("Notes", "Bb"), QT_TRANSLATE_NOOP("Notes", "B")};

constexpr int sixtyFourths = 64;
constexpr double asGoodAsFraction_mm = 0.02;

QString trimmedNumber(double v, int decimals)
{
    QString s = number(v, decimals);
    const QString point = QLocale().decimalPoint();
    if (!s.contains(point))
        return s;
    while (s.endsWith(QLatin1Char('0')))
        s.chop(1);
    if (s.endsWith(point))
        s.chop(point.size());
    return s;
}

QString inchNumber(Metres value)
{
    const double inches = value.inches();
    const auto parts = std::lround(inches * sixtyFourths);
    if (parts <= 0 || std::abs(static_cast<double>(parts) / sixtyFourths - inches) * 25.4 > asGoodAsFraction_mm)
        return trimmedNumber(inches, 3);
    const long whole = parts / sixtyFourths;
    const long rest = parts % sixtyFourths;
    if (rest == 0)
        return QString::number(whole);
    const long common = std::gcd(rest, static_cast<long>(sixtyFourths));
    const QString fraction = QStringLiteral("%1/%2").arg(rest / common).arg(sixtyFourths / common);
    return whole == 0 ? fraction : QStringLiteral("%1 %2").arg(whole).arg(fraction);
}

} // namespace

Result<Metres> parseLength(const QString& text, LengthUnit plain)
{
    const Error bad{ErrorCode::BadValue, text.toStdString(), FactId::SuchAsLength};
    static const QRegularExpression form(QStringLiteral(
        R"(^\s*(?:(?<number>\d{1,5}(?:[.,]\d{1,6})?)|(?:(?<whole>\d{1,4})\s+)?(?<top>\d{1,3})/(?<bottom>\d{1,3}))\s*(?<unit>mm|in|"|″)?\s*$)"));
    const auto match = form.match(text);
    if (!match.hasMatch())
        return bad;
    const QString unit = match.captured(QStringLiteral("unit"));
    if (!match.captured(QStringLiteral("top")).isEmpty()) {
        const double bottom = match.captured(QStringLiteral("bottom")).toDouble();
        if (bottom == 0.0 || unit == QLatin1String("mm"))
            return bad;
        return Metres::fromInches(match.captured(QStringLiteral("whole")).toDouble() +
                                  match.captured(QStringLiteral("top")).toDouble() / bottom);
    }
    const double number = match.captured(QStringLiteral("number")).replace(QLatin1Char(','), QLatin1Char('.')).toDouble();
    const bool inches = unit.isEmpty() ? plain == LengthUnit::Inches : unit != QLatin1String("mm");
    return inches ? Metres::fromInches(number) : Metres::fromMillimetres(number);
}

QString volume(double cubicMetres)
{
    return QStringLiteral("%1 mL").arg(number(cubicMetres * 1e6, 2));
}

Result<Metres> parseVolumeAsLength(const QString& text, double area_m2)
{
    static const QRegularExpression form(QStringLiteral(R"(^\s*(\d{1,4}(?:[.,]\d{1,4})?)\s*(?:m[lL])?\s*$)"));
    const auto match = form.match(text);
    if (!match.hasMatch() || !(area_m2 > 0.0))
        return Error{ErrorCode::BadValue, text.toStdString(), FactId::SuchAsVolume};
    const double mL = match.captured(1).replace(QLatin1Char(','), QLatin1Char('.')).toDouble();
    return Metres::fromMetres(mL * 1e-6 / area_m2);
}

QString lengthNumber(Metres value, LengthUnit unit)
{
    return unit == LengthUnit::Inches ? inchNumber(value) : trimmedNumber(value.millimetres(), 2);
}

namespace {
std::atomic<bool> fahrenheitSpoken{false}; // workers make sentences, too
} // namespace

void speakFahrenheit(bool fahrenheit)
{
    fahrenheitSpoken = fahrenheit;
}

bool speaksFahrenheit()
{
    return fahrenheitSpoken;
}

QString degreeSign()
{
    return fahrenheitSpoken ? QStringLiteral("°F") : QStringLiteral("°C");
}

double inDegrees(Temperature temperature)
{
    return fahrenheitSpoken ? temperature.celsius() * 1.8 + 32.0 : temperature.celsius();
}

Temperature fromDegrees(double degrees)
{
    return Temperature::fromCelsius(fahrenheitSpoken ? (degrees - 32.0) / 1.8 : degrees);
}

QString temperature(Temperature temperature)
{
    return number(inDegrees(temperature), 1) + QLatin1Char(' ') + degreeSign();
}

QString warmerBy(double kelvins)
{
    return number(fahrenheitSpoken ? kelvins * 1.8 : kelvins, 1) + QLatin1Char(' ') + degreeSign();
}

Metres tenths(Metres value)
{
    return Metres::fromMillimetres(std::round(value.millimetres() * 10.0) / 10.0);
}

Metres hundredths(Metres value)
{
    return Metres::fromMillimetres(std::round(value.millimetres() * 100.0) / 100.0);
}

QString length(Metres value, LengthUnit unit)
{
    return lengthNumber(value, unit) + (unit == LengthUnit::Inches ? QStringLiteral(" in") : QStringLiteral(" mm"));
}

QString smallChange(LengthUnit unit)
{
    return unit == LengthUnit::Inches ? number(0.004, 3) + QStringLiteral(" in") : number(0.1, 1) + QStringLiteral(" mm");
}

QString roughPlace(Metres at, LengthUnit unit)
{
    return unit == LengthUnit::Inches ? number(at.inches(), 1) + QStringLiteral(" in")
                                      : number(at.millimetres(), 0) + QStringLiteral(" mm");
}

QString tenfoldChange(LengthUnit unit)
{
    return unit == LengthUnit::Inches ? number(0.04, 2) + QStringLiteral(" in") : QStringLiteral("1 mm");
}

Result<std::vector<std::vector<Metres>>> parseTable(const QString& clip, LengthUnit plain, std::size_t atLeast)
{
    const QString between = clip.contains(QLatin1Char('\t'))  ? QStringLiteral("\t")
                            : clip.contains(QLatin1Char(';')) ? QStringLiteral(";")
                                                              : QStringLiteral(",");
    static const QRegularExpression ends(QStringLiteral("[\r\n]+"));
    std::vector<std::vector<Metres>> rows;
    int number = 0;
    for (const QString& line : clip.split(ends, Qt::SkipEmptyParts)) {
        ++number;
        const QStringList cells = line.split(between);
        std::vector<Metres> row;
        std::optional<Error> trouble;
        for (const QString& cell : cells) {
            const auto length = cell.trimmed().isEmpty() ? Result<Metres>(Error{}) : parseLength(cell.trimmed(), plain);
            if (!length) {
                if (!cell.trimmed().isEmpty() && row.size() < atLeast)
                    trouble = length.error();
                break;
            }
            row.push_back(*length);
        }
        if (row.empty() && number == 1)
            continue; // headings
        if (row.size() < atLeast)
            return Error{ErrorCode::BadValue,
                         "line " + std::to_string(number) + (trouble ? ": " + trouble->where : ""),
                         {FactId::LinesOfLengths, atLeast}};
        rows.push_back(std::move(row));
    }
    if (rows.empty())
        return Error{ErrorCode::BadValue, "clipboard", FactId::NoTable};
    return rows;
}

Result<std::vector<Metres>> parseBits(const QString& text, LengthUnit plain)
{
    static const QRegularExpression between(QStringLiteral("[;\n\t]|,\\s"));
    std::vector<Metres> found;
    for (const QString& part : text.split(between, Qt::SkipEmptyParts)) {
        const QString word = part.trimmed();
        if (word.isEmpty())
            continue;
        const auto named = [&](BitSeries series) -> const Bit* {
            for (const Bit& b : bitsOf(series))
                if (QString::fromStdString(b.name).compare(word, Qt::CaseInsensitive) == 0)
                    return &b;
            return nullptr;
        };
        const Bit* bit = named(BitSeries::Number);
        if (bit == nullptr)
            bit = named(BitSeries::Letter);
        const auto size = bit != nullptr ? Result<Metres>(bit->diameter) : parseLength(word, plain);
        if (!size)
            return Error{ErrorCode::BadValue, word.toStdString(), FactId::SuchAsBit};
        found.push_back(*size);
    }
    std::sort(found.begin(), found.end());
    found.erase(std::unique(found.begin(), found.end()), found.end());
    return found;
}

QString bits(const std::vector<Metres>& bits, LengthUnit unit)
{
    QStringList words;
    for (const Metres b : bits)
        words << lengthNumber(b, unit);
    return words.join(QStringLiteral("; "));
}

namespace {
QString signedNumber(double value, int decimals)
{
    const double unit = std::pow(10.0, -decimals);
    const double rounded = std::round(value / unit) * unit;
    const QString sign = rounded < 0.0 ? QStringLiteral("−") : rounded > 0.0 ? QStringLiteral("+") : QStringLiteral("±");
    return sign + number(std::abs(rounded), decimals);
}
} // namespace

QString cents(double value)
{
    return signedNumber(value, 1);
}

QString wholeCents(double value)
{
    return signedNumber(value, 0);
}

QString spread(double sd)
{
    return QStringLiteral("±") + number(sd, 1);
}

QString noteName(const std::string& name)
{
    // Letter and sign, mostly an octave; what else a fingering is called stays as it is.
    static const QRegularExpression form(QStringLiteral("^([A-G](?:#|b)?)(-?\\d.*)?$"));
    const auto match = form.match(QString::fromStdString(name));
    if (!match.hasMatch())
        return QString::fromStdString(name);
    return inNotesOfLanguage(match.captured(1).toLatin1().constData()) + match.captured(2);
}

} // namespace dowel::text
