using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Core.Jobs;

namespace Lacet.Exchange.Import;

/// <summary>Words that people write in wire lists, and the numbers beside them.</summary>
internal static partial class WireWords
{
    private static readonly Dictionary<string, WireFunction> Functions = new(StringComparer.OrdinalIgnoreCase)
    {
        ["line"] = WireFunction.Line,
        ["hot"] = WireFunction.Line,
        ["live"] = WireFunction.Line,
        ["phase"] = WireFunction.Line,
        ["power"] = WireFunction.Line,
        ["l"] = WireFunction.Line,
        ["l1"] = WireFunction.Line,
        ["l2"] = WireFunction.Line,
        ["l3"] = WireFunction.Line,
        ["phase a"] = WireFunction.Line,
        ["phase b"] = WireFunction.Line,
        ["phase c"] = WireFunction.Line,
        ["außenleiter"] = WireFunction.Line,
        ["fase"] = WireFunction.Line,
        ["neutralleiter"] = WireFunction.Neutral,
        ["neutre"] = WireFunction.Neutral,
        ["neutro"] = WireFunction.Neutral,
        ["nul"] = WireFunction.Neutral,
        ["erde"] = WireFunction.Earth,
        ["schutzleiter"] = WireFunction.Earth,
        ["terre"] = WireFunction.Earth,
        ["tierra"] = WireFunction.Earth,
        ["terra"] = WireFunction.Earth,
        ["aarde"] = WireFunction.Earth,
        ["schirm"] = WireFunction.Shield,
        ["blindage"] = WireFunction.Shield,
        ["u"] = WireFunction.Line,
        ["v"] = WireFunction.Line,
        ["w"] = WireFunction.Line,
        ["neutral"] = WireFunction.Neutral,
        ["n"] = WireFunction.Neutral,
        ["neut"] = WireFunction.Neutral,
        ["grounded"] = WireFunction.Neutral,
        ["earth"] = WireFunction.Earth,
        ["ground"] = WireFunction.Earth,
        ["gnd"] = WireFunction.Earth,
        ["pe"] = WireFunction.Earth,
        ["g"] = WireFunction.Earth,
        ["e"] = WireFunction.Earth,
        ["egc"] = WireFunction.Earth,
        ["protective earth"] = WireFunction.Earth,
        ["switched"] = WireFunction.Switched,
        ["switched line"] = WireFunction.Switched,
        ["switched hot"] = WireFunction.Switched,
        ["switch leg"] = WireFunction.Switched,
        ["sw"] = WireFunction.Switched,
        ["traveller"] = WireFunction.Traveller,
        ["traveler"] = WireFunction.Traveller,
        ["control +"] = WireFunction.ControlPlus,
        ["control plus"] = WireFunction.ControlPlus,
        ["+24v"] = WireFunction.ControlPlus,
        ["24vdc"] = WireFunction.ControlPlus,
        ["+24vdc"] = WireFunction.ControlPlus,
        ["24 vdc"] = WireFunction.ControlPlus,
        ["24v dc"] = WireFunction.ControlPlus,
        ["24v"] = WireFunction.ControlPlus,
        ["+24 v"] = WireFunction.ControlPlus,
        ["24v+"] = WireFunction.ControlPlus,
        ["+"] = WireFunction.ControlPlus,
        ["dc+"] = WireFunction.ControlPlus,
        ["control -"] = WireFunction.ControlMinus,
        ["control −"] = WireFunction.ControlMinus,
        ["control minus"] = WireFunction.ControlMinus,
        ["0v"] = WireFunction.ControlMinus,
        ["0vdc"] = WireFunction.ControlMinus,
        ["0 vdc"] = WireFunction.ControlMinus,
        ["0v dc"] = WireFunction.ControlMinus,
        ["dc com"] = WireFunction.ControlMinus,
        ["0 v"] = WireFunction.ControlMinus,
        ["-24v"] = WireFunction.ControlMinus,
        ["-"] = WireFunction.ControlMinus,
        ["dc-"] = WireFunction.ControlMinus,
        ["ac control"] = WireFunction.ControlAc,
        ["control ac"] = WireFunction.ControlAc,
        ["low speed"] = WireFunction.LowSpeed,
        ["low"] = WireFunction.LowSpeed,
        ["low-speed"] = WireFunction.LowSpeed,
        ["high speed"] = WireFunction.HighSpeed,
        ["high"] = WireFunction.HighSpeed,
        ["high-speed"] = WireFunction.HighSpeed,
        ["signal"] = WireFunction.Signal,
        ["sig"] = WireFunction.Signal,
        ["data"] = WireFunction.Signal,
        ["shield"] = WireFunction.Shield,
        ["screen"] = WireFunction.Shield,
        ["drain"] = WireFunction.Shield,
        ["not said"] = WireFunction.Unknown,
        ["unknown"] = WireFunction.Unknown,
    };

    /// <summary>The function that a cell says; null where it says none that is known.</summary>
    internal static WireFunction? Function(string cell) =>
        Functions.TryGetValue(cell.Trim(), out var function) ? function : null;

    /// <summary>"20", "20 A", "C16", "2P20A" in A; null where it is no such number.</summary>
    internal static double? Amps(string cell) =>
        Ampere().Match(cell.Trim()) is { Success: true } match ? Number(match.Groups["amps"].Value) : null;

    /// <summary>"120", "120 V", "24 VDC" in V; null where it is no such number.</summary>
    internal static double? Volts(string cell) =>
        Voltage().Match(cell.Trim()) is { Success: true } match ? Number(match.Groups["volts"].Value) : null;

    /// <summary>
    /// A length in mm: "3.2 m", "3,2", "12 ft", "12' 6\"", "320 cm"; a bare number in the unit given. Null where it is
    /// none.
    /// </summary>
    internal static double? LengthMm(string cell, UnitsNet.Units.LengthUnit bare)
    {
        var text = cell.Trim().Replace('’', '\'').Replace('′', '\'').Replace('″', '"').Replace('”', '"');
        // A comma before one or two digits at the end of the number is a decimal comma.
        text = DecimalComma().Replace(text, "${whole}.${part}");
        // People write 12-6 for twelve feet six.
        text = FeetDashInches().Replace(text, "${feet}' ${inches}\"");
        var length =
            double.TryParse(text, NumberStyles.Float, CultureInfo.InvariantCulture, out var number)
                ? UnitsNet.Length.From(number, bare)
            : UnitsNet.Length.TryParseFeetInches(text, out var feet, CultureInfo.InvariantCulture) ? feet
            : UnitsNet.Length.TryParse(
                text.Replace("metres", "m", StringComparison.OrdinalIgnoreCase)
                    .Replace("meters", "m", StringComparison.OrdinalIgnoreCase)
                    .Replace("feet", "ft", StringComparison.OrdinalIgnoreCase),
                CultureInfo.InvariantCulture,
                out var other
            )
                ? other
            : (UnitsNet.Length?)null;
        return length is { Millimeters: >= 0 and < 1e8 and var mm } ? Math.Round(mm, 3) : null;
    }

    /// <summary>A number with a point or a comma.</summary>
    internal static double? Number(string text) =>
        double.TryParse(
            text.Replace(',', '.'),
            NumberStyles.AllowDecimalPoint,
            CultureInfo.InvariantCulture,
            out var number
        ) && double.IsFinite(number)
            ? number
            : null;

    [GeneratedRegex(
        @"^(?:[0-9]\s*P\s*)?[BCDK]?\s*(?<amps>[0-9]{1,4}(?:[.,][0-9]{1,2})?)\s*(?:A|AMPS?)?(?:\s*/?\s*[1-4]\s*P)?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Ampere();

    [GeneratedRegex(
        @"^(?<volts>[0-9]{1,4}(?:[.,][0-9]{1,2})?)\s*V?\s*(?:AC|DC)?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Voltage();

    [GeneratedRegex(
        @"(?<whole>[0-9]),(?<part>[0-9]{1,2})(?![0-9])",
        RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex DecimalComma();

    [GeneratedRegex(
        @"^(?<feet>[0-9]{1,3})-(?<inches>[0-9]{1,2})$",
        RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex FeetDashInches();

    /// <summary>A number and nothing else.</summary>
    [GeneratedRegex(@"^[0-9]{1,9}(?:[.,][0-9]{1,4})?$", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    internal static partial Regex BareNumber();

    /// <summary>A cell as a sentence shows it.</summary>
    internal static string Shown(string cell) => cell.Length > 40 ? cell[..40] + "…" : cell;
}
