using System.Buffers;
using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Core.Quantities;
using UnitsNet.Units;

namespace Lacet.Core.Conductors;

/// <summary>One walk through a text.</summary>
internal sealed partial class WireScan(string text)
{
    /// <summary>A cable of more conductors than this is a slip of the finger.</summary>
    private const int MostConductors = 61;

    private static readonly SearchValues<char> Gaps = SearchValues.Create(" \t\r\n;,()\u00A0\u2009\u202F");

    private readonly List<WirePart> _parts = [];
    private WireReading _read = new();
    private int _at;

    internal WireReading Read()
    {
        if (text.Length > WireText.Longest)
        {
            NotUnderstood(text.Length, $"A wire is said in at most {WireText.Longest} characters.");
            return _read with { Parts = _parts };
        }

        while (SkipGap())
        {
            if (!TryNumber() && !TryWords())
            {
                NotUnderstood(WordLength(_at), null);
            }
        }

        return _read with
        {
            Parts = _parts,
        };
    }

    private bool SkipGap()
    {
        while (_at < text.Length && Gaps.Contains(text[_at]))
        {
            _at++;
        }

        return _at < text.Length;
    }

    /// <summary>How far the word reaches; a comma between digits is a decimal comma.</summary>
    private int WordLength(int from)
    {
        var end = from;
        while (
            end < text.Length
            && (
                !Gaps.Contains(text[end])
                || (
                    text[end] == ','
                    && end > from
                    && char.IsAsciiDigit(text[end - 1])
                    && end + 1 < text.Length
                    && char.IsAsciiDigit(text[end + 1])
                )
            )
        )
        {
            end++;
        }

        return Math.Max(1, end - from);
    }

    private bool TryNumber() =>
        text[_at] switch
        {
            >= '0' and <= '9' => TryCounted() || TryLength() || Try(AnySize(), ReadSize),
            '#' => Try(SizeOfCount(), ReadSizeOfCount) || Try(AnySize(), ReadSize),
            'n' or 'N' or 'a' or 'A' => Try(AnySize(), ReadSize),
            'o' or 'O' or 'ø' or 'Ø' => Try(Diameter(), ReadDiameter),
            _ => false,
        };

    private bool TryCounted() =>
        _read.Count is null
        && (
            Try(Pairs(), ReadPairs)
            || Try(Cores(), ReadCores)
            || Try(Sizes(), ReadSizes)
            || Try(SizeOfCount(), ReadSizeOfCount)
            || Try(CountAlone(), ReadCount)
        );

    private bool TryLength() =>
        Try(FeetAndInches(), ReadFeetAndInches)
        || Try(MeasuredLength(), ReadLength)
        || (_read.Size is not null && Try(StrandCount(), ReadStrands));

    private bool Try(Regex pattern, Func<Match, bool> read) =>
        pattern.Match(text, _at) is { Success: true } match && read(match);

    private bool ReadDiameter(Match match) =>
        _read.InsulationDiameter is null
        && Take(
            match,
            WirePartKind.InsulationDiameter,
            _read with
            {
                InsulationDiameter = new(Number(match.Groups["od"])),
            },
            $"{match.Groups["od"].Value} mm over the insulation"
        );

    private bool ReadPairs(Match match)
    {
        if (_read.Count is not null || _read.Size is not null)
        {
            return false;
        }

        var pairs = int.Parse(match.Groups["pairs"].Value, CultureInfo.InvariantCulture);
        return pairs is > 0 and <= MostConductors / 2
            && ConductorSize.TryParse(match.Groups["size"].Value + " mm²", out var size, out _)
            && Take(
                match,
                WirePartKind.Count,
                _read with
                {
                    Count = 2 * pairs,
                    Size = size,
                },
                $"{(pairs == 1 ? "one pair" : $"{pairs} pairs")} of {size.Name}"
            );
    }

    /// <summary>"3x1.5", "3G1,5", "2 × 14 AWG": millimetres, unless it says or can only be a gauge.</summary>
    private bool ReadCores(Match match)
    {
        if (_read.Count is not null || _read.Size is not null)
        {
            return false;
        }

        var written = match.Groups["size"].Value;
        var unit = match.Groups["unit"].Value;
        var earth = match.Groups["times"].ValueSpan is "G" or "g";
        if (
            Counted(match) is not { } count
            || !(
                unit.Length > 0
                    ? ConductorSize.TryParse(written + unit, out var size, out _)
                    : ConductorSize.TryParse(written + " mm²", out size, out _)
                        || (!earth && ConductorSize.TryParse(written, out size, out _))
            )
        )
        {
            return false;
        }

        return Take(
            match,
            WirePartKind.Count,
            _read with
            {
                Count = count,
                Size = size,
                Earth = earth ? EarthInCable.Among : _read.Earth,
            },
            $"{count} of {size.Name}{(earth ? ", one of them earth" : "")}"
        );
    }

    /// <summary>"2-2-4", "4/0-4/0-2/0-4": the first size is that of the lines.</summary>
    private bool ReadSizes(Match match)
    {
        var sizes = match.Groups["size"].Captures;
        return _read.Count is null
            && _read.Size is null
            && ConductorSize.TryParse(sizes[0].Value + " AWG", out var size, out _)
            && Take(
                match,
                WirePartKind.Count,
                _read with
                {
                    Count = 3,
                    Size = size,
                    Earth = sizes.Count == 4 ? EarthInCable.Beside : _read.Earth,
                },
                $"3 of {size.Name}, the neutral {sizes[2].Value} AWG{(sizes.Count == 4 ? ", with earth" : "")}"
            );
    }

    /// <summary>"14/2", "18-5": so many of a gauge.</summary>
    private bool ReadSizeOfCount(Match match) =>
        _read.Count is null
        && _read.Size is null
        && Counted(match) is { } count and >= 2
        && ConductorSize.TryParse(match.Groups["size"].Value + " AWG", out var size, out _)
        // 2/4 is no cable, and 10-24 is a screw.
        && size.Area.SquareMillimetres < 40
        && count <= (size.Area.SquareMillimetres > 4 ? 5 : MostConductors)
        && Take(match, WirePartKind.Count, _read with { Count = count, Size = size }, $"{count} of {size.Name}");

    private bool ReadCount(Match match) =>
        _read.Count is null
        && Counted(match) is { } count
        && count * (match.Groups["pair"].Success ? 2 : 1) is var conductors
        && Take(
            match,
            WirePartKind.Count,
            _read with
            {
                Count = conductors,
            },
            conductors == 1 ? "one conductor" : $"{conductors} conductors"
        );

    private bool ReadFeetAndInches(Match match) =>
        TakeLength(match, UnitsNet.Length.FromFeetInches(Number(match.Groups["feet"]), Number(match.Groups["inches"])));

    private bool ReadLength(Match match) =>
        TakeLength(
            match,
            UnitsNet.Length.From(
                Number(match.Groups["number"]),
                match.Groups["unit"].Value.ToUpperInvariant() switch
                {
                    "CM" => LengthUnit.Centimeter,
                    "'" or "′" or "FT" or "FEET" or "FOOT" => LengthUnit.Foot,
                    "\"" or "″" or "IN" or "INCH" or "INCHES" => LengthUnit.Inch,
                    _ => LengthUnit.Meter,
                }
            )
        );

    private bool TakeLength(Match match, UnitsNet.Length length) =>
        _read.Length is null
        && length.Millimeters is > 0 and < 1e7 and var mm
        && Take(
            match,
            WirePartKind.Length,
            _read with
            {
                Length = new(Math.Round(mm, 3)),
            },
            FormattableString.Invariant($"{Math.Round(mm) / 1000:0.###} m long")
        );

    private bool ReadStrands(Match match) =>
        _read.Build is null
        && int.Parse(match.Groups["count"].Value, CultureInfo.InvariantCulture) is var strands
        && (strands > 37 ? Build.FineStranded : Build.Stranded) is var build
        && Take(match, WirePartKind.Build, _read with { Build = build }, $"{strands} strands");

    private bool ReadSize(Match match)
    {
        if (_read.Size is not null)
        {
            return false;
        }

        if (!ConductorSize.TryParse(match.Value, out var size, out var problem))
        {
            NotUnderstood(match.Length, problem);
            return true;
        }

        return Take(match, WirePartKind.Size, _read with { Size = size }, size.NameInBoth);
    }

    private static int? Counted(Match match) =>
        int.TryParse(match.Groups["count"].ValueSpan, CultureInfo.InvariantCulture, out var count)
        && count is > 0 and <= MostConductors
            ? count
            : null;

    private static double Number(Group group) =>
        double.Parse(group.Value.Replace(',', '.'), CultureInfo.InvariantCulture);
}
