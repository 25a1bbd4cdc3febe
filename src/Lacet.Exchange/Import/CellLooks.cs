using System.Text.RegularExpressions;
using Lacet.Core.Conductors;

namespace Lacet.Exchange.Import;

/// <summary>Looks at a cell by itself: what could it be?</summary>
internal static partial class CellLooks
{
    private const int LongestName = 28;

    /// <summary>What a cell that is not empty looks like.</summary>
    internal static CellLook Of(string cell)
    {
        var words = cell.Count(char.IsWhiteSpace) + 1;
        var look = words > 2 && cell.Length > 12 ? CellLook.Sentence : CellLook.None;
        if (cell.Length <= LongestName && words <= 3)
        {
            look |= CellLook.Name;
        }

        if (cell.Length > WireText.Longest)
        {
            return look;
        }

        return look
            | If(WireWords.Function(cell) is not null, CellLook.Function)
            | If(WireListReader.IsNowhere(cell), CellLook.Nowhere)
            | If(SaysPlace(cell), CellLook.Place)
            | If(Device().IsMatch(cell), CellLook.Device)
            | If(Terminal().IsMatch(cell), CellLook.Terminal)
            | If(Amps().IsMatch(cell), CellLook.Amps)
            | If(Volts().IsMatch(cell), CellLook.Volts)
            | If(Ferrule().IsMatch(cell), CellLook.Ferrule)
            | If(Words().IsMatch(cell) && LandingWords.SaysKind(cell), CellLook.Landing)
            | OfNumber(cell)
            | OfWire(cell);
    }

    private static CellLook If(bool holds, CellLook look) => holds ? look : CellLook.None;

    private static bool SaysPlace(string cell) =>
        PlaceText.Read(cell, null) is { Device: { } device } end && end.Name.Length > device.Length;

    private static CellLook OfNumber(string cell)
    {
        if (!WireWords.BareNumber().IsMatch(cell))
        {
            return CellLook.None;
        }

        var look = CellLook.Number;
        if (cell.AsSpan().ContainsAny('.', ','))
        {
            return look | If(ConductorSize.TryParse(cell + " mm²", out _, out _), CellLook.MetricSize);
        }

        return look
            | CellLook.Whole
            | If(ConductorSize.TryParse(cell, out var size, out _) && size.IsStocked, CellLook.BareSize);
    }

    private static CellLook OfWire(string cell)
    {
        var read = WireText.Read(cell);
        if (read.NotUnderstood.Any())
        {
            return CellLook.None;
        }

        var parts = read.Parts.Where(p => p.Kind != WirePartKind.Filler).ToList();
        return parts.Count == 0 ? CellLook.None
            : read is { Colour: not null } && parts.Count == 1 ? CellLook.Colour
            : read is { Length: not null } && parts.Count == 1 ? CellLook.Length
            : read.Size is null
                ? (read is { SaysConductor: true, Colour: null, Length: null } ? CellLook.Make : CellLook.Conductor)
            : parts.Count > 1 ? CellLook.Conductor
            : WireWords.BareNumber().IsMatch(cell) ? CellLook.None
            : CellLook.Size;
    }

    [GeneratedRegex(@"\p{L}{4}", RegexOptions.CultureInvariant, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Words();

    [GeneratedRegex(
        @"^(?!(?:A[12]|PE|N)$)[-=+]?(?=.*[A-Z])[A-Z]{1,6}[0-9]{0,4}[A-Z]?(?:[-.+=][A-Z]{0,5}[0-9]{1,4}[A-Z]?)*$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Device();

    [GeneratedRegex(
        @"^:?(?:[0-9]{1,3}[A-Z]?|[A-Z]{1,3}[0-9]{0,3}[+-]?|[+-]|[IQ][0-9]{1,2}\.[0-9]{1,2}|[0-9]?[A-Z]{1,4}[+-]?|[0-9]{1,2}[./][0-9]{1,2})$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Terminal();

    [GeneratedRegex(
        @"^(?:[1-4]P)?[BCDK]?\s*[0-9]{1,4}(?:[.,][0-9]{1,2})?\s*A(?:MPS?)?(?:\s*/?\s*[1-4]P)?$|^[BCD](?:6|10|13|16|20|25|32|40|50|63)$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Amps();

    [GeneratedRegex(
        @"^[0-9]{1,4}(?:[.,][0-9])?\s*V\s*(?:AC|DC)?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Volts();

    [GeneratedRegex(
        @"^(?:none|no|yes|y|x|[0-9]{1,2}(?:[.,][0-9]{1,2})?\s*/\s*(?:6|8|10|12|16|18|20|22|25))$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Ferrule();
}
