using System.Text.RegularExpressions;

namespace Lacet.Exchange.Import;

/// <summary>
/// Reads where a wire ends: "X1:5", "DCP/X1:5", "=A1+S1-X1:1" (IEC 81346, from memory), "TB1-12", "X1.5", or a device and
/// a terminal from columns of their own.
/// </summary>
public static partial class PlaceText
{
    /// <summary>Where a cell says that a wire ends; <paramref name="enclosure"/> is what a column of its own says.</summary>
    public static ListedEnd Read(string cell, string? enclosure)
    {
        var text = cell.Trim();
        // What begins with no sign has no aspects, and what has a colon is parted there: most places are told so.
        if (text is ['=' or '+' or '-', ..] && Aspects().Match(text) is { Success: true } aspects)
        {
            return OfAspects(aspects, enclosure);
        }

        if (!text.Contains(':', StringComparison.Ordinal) && Joined().Match(text) is { Success: true } joined)
        {
            return At(joined.Groups["device"].Value, joined.Groups["terminal"].Value, enclosure) with
            {
                Written = text,
            };
        }

        var slash = text.IndexOf('/', StringComparison.Ordinal);
        if (slash > 0 && slash < text.Length - 1)
        {
            var inside = Read(text[(slash + 1)..], null);
            return inside with { Enclosure = text[..slash].Trim() };
        }

        var colon = text.LastIndexOf(':');
        return new(Said(enclosure), colon > 0 && colon < text.Length - 1 ? text[..colon].Trim() : null, text);
    }

    /// <summary>Where a device and a terminal, in columns of their own, say that a wire ends.</summary>
    public static ListedEnd Read(string? device, string? terminal, string? enclosure)
    {
        if (Said(device) is not { } named)
        {
            return Read(terminal!, enclosure);
        }

        if (Said(terminal) is not { } mark)
        {
            return Read(named, enclosure);
        }

        // Some write the whole place into the terminal's column too.
        if (mark.IndexOf(':', StringComparison.Ordinal) > 0 && Read(mark, enclosure) is { Device: not null } whole)
        {
            return whole;
        }

        // With a terminal beside it, what stands before a slash is where the device is: DCP/X1.
        if (Said(enclosure) is null && named.Split('/') is [{ Length: > 0 } where, { Length: > 0 } what])
        {
            return At(what, mark.TrimStart(':'), where);
        }

        var of = Read(named, enclosure);
        return new(of.Enclosure, of.Name, $"{of.Name}:{mark.TrimStart(':')}");
    }

    /// <summary>
    /// The places of a range, such as X1:1..10; only itself where it is none. A range of more than
    /// <see cref="MostInRange"/> is none.
    /// </summary>
    public static IReadOnlyList<string> Range(string cell)
    {
        if (
            !(cell.Contains("..", StringComparison.Ordinal) || cell.Contains('…', StringComparison.Ordinal))
            || Ranges().Match(cell.Trim()) is not { Success: true } match
            || int.Parse(match.Groups["first"].ValueSpan) is var first
                && int.Parse(match.Groups["last"].ValueSpan) is var last
                && (last <= first || last - first >= MostInRange)
        )
        {
            return [cell];
        }

        return
        [
            .. Enumerable
                .Range(first, last - first + 1)
                .Select(n => FormattableString.Invariant($"{match.Groups["before"].Value}{n}")),
        ];
    }

    private const int MostInRange = 200;

    /// <summary>
    /// IEC 81346 in any order: = function, + location, - product, : terminal. What stands in a panel is told by its
    /// location; several products one in the other are one device.
    /// </summary>
    private static ListedEnd OfAspects(Match aspects, string? enclosure)
    {
        var (signs, parts) = (aspects.Groups["sign"].Captures, aspects.Groups["part"].Captures);
        string? Joined(char sign) =>
            signs.Zip(parts).Where(a => a.First.ValueSpan[0] == sign).Select(a => a.Second.Value).ToList()
                is { Count: > 0 } of
                ? string.Join('-', of)
                : null;
        var device = Joined('-') ?? Joined('=') ?? "";
        var where = Joined('+') ?? Said(enclosure);
        var terminal = aspects.Groups["terminal"];
        return device.Length == 0
                ? new(
                    Said(enclosure),
                    terminal.Success ? Joined('+') : null,
                    Joined('+') + (terminal.Success ? $":{terminal.Value}" : "")
                )
            : terminal.Success ? At(device, terminal.Value, where)
            : new(where, device, device);
    }

    private static ListedEnd At(string device, string terminal, string? enclosure) =>
        new(Said(enclosure), device.Trim(), $"{device.Trim()}:{terminal.Trim()}");

    private static string? Said(string? text) => string.IsNullOrWhiteSpace(text) ? null : text.Trim();

    [GeneratedRegex(
        @"^(?:(?<sign>[=+-])(?<part>[^=+:/\s-]+))+(?::(?<terminal>\S.*))?$",
        RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Aspects();

    /// <summary>TB1-12, J4-3, X1.5, TB1/5, K1 A1, TB1(5): a device has letters and a number, a terminal is short. I0.1 is an input.</summary>
    [GeneratedRegex(
        @"^(?![IQM][0-9]{1,3}\.[0-9])(?<device>[A-Z]{1,5}[0-9]{1,4}[A-Z]?|[0-9]{1,2}[A-Z]{1,4}[0-9]{0,3})(?:\s*[-./,(]\s*|\s+)(?<terminal>[0-9]{1,3}[A-Z]?|[A-Z][0-9]{1,2}|PE|[A-Z+-]|[IQ][0-9]\.[0-9]{1,2})\)?$",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Joined();

    [GeneratedRegex(
        @"^(?<before>.*[:\-./])(?<first>[0-9]{1,4})\s*(?:\.{2,3}|…)\s*(?<last>[0-9]{1,4})$",
        RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Ranges();
}
