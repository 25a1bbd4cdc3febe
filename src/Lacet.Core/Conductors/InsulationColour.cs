using System.Runtime.InteropServices;
using System.Text.RegularExpressions;

namespace Lacet.Core.Conductors;

/// <summary>
/// The colour of an insulation, striped or not. It says nothing for sure about what the conductor is for.
/// </summary>
/// <param name="Base">The colour it has most of.</param>
/// <param name="Stripe">The stripe's colour; null where it is plain.</param>
[StructLayout(LayoutKind.Auto)]
public readonly partial record struct InsulationColour(Hue Base, Hue? Stripe = null)
{
    // Words of the trade, and the letters of IEC 60757 (from memory).
    private static readonly Dictionary<string, Hue> Words = new(StringComparer.OrdinalIgnoreCase)
    {
        ["black"] = Hue.Black,
        ["blk"] = Hue.Black,
        ["bk"] = Hue.Black,
        ["brown"] = Hue.Brown,
        ["brn"] = Hue.Brown,
        ["bn"] = Hue.Brown,
        ["br"] = Hue.Brown,
        ["red"] = Hue.Red,
        ["rd"] = Hue.Red,
        ["orange"] = Hue.Orange,
        ["org"] = Hue.Orange,
        ["og"] = Hue.Orange,
        ["or"] = Hue.Orange,
        ["yellow"] = Hue.Yellow,
        ["yel"] = Hue.Yellow,
        ["ye"] = Hue.Yellow,
        ["yl"] = Hue.Yellow,
        ["green"] = Hue.Green,
        ["grn"] = Hue.Green,
        ["gn"] = Hue.Green,
        ["blue"] = Hue.Blue,
        ["blu"] = Hue.Blue,
        ["bu"] = Hue.Blue,
        ["bl"] = Hue.Blue,
        ["violet"] = Hue.Violet,
        ["purple"] = Hue.Violet,
        ["vt"] = Hue.Violet,
        ["vio"] = Hue.Violet,
        ["grey"] = Hue.Grey,
        ["gray"] = Hue.Grey,
        ["gry"] = Hue.Grey,
        ["gy"] = Hue.Grey,
        ["white"] = Hue.White,
        ["wht"] = Hue.White,
        ["wh"] = Hue.White,
        ["pink"] = Hue.Pink,
        ["pnk"] = Hue.Pink,
        ["pk"] = Hue.Pink,
        ["turquoise"] = Hue.Turquoise,
        ["tq"] = Hue.Turquoise,
        ["bare"] = Hue.Bare,
        ["none"] = Hue.Bare,
    };

    /// <summary>
    /// Whether it marks an earth: green, green with yellow, or bare (NEC 250.119, IEC 60445; from memory).
    /// </summary>
    public bool MarksEarth => Base is Hue.Green or Hue.Bare || (Base == Hue.Yellow && Stripe == Hue.Green);

    /// <summary>
    /// Reads a colour as people write it: "black", "GN/YE", "gnye", "white w/ blue stripe", "BK". False where any part
    /// of it is no colour.
    /// </summary>
    public static bool TryParse(string text, out InsulationColour colour)
    {
        colour = default;
        var parts = Separators().Split(text.Trim()).Where(p => p.Length > 0).ToList();
        // Letters run together, as IEC 60757 has them: GNYE.
        if (parts is [{ Length: 4 } run] && !Words.ContainsKey(run))
        {
            parts = [run[..2], run[2..]];
        }

        var hues = new List<Hue>();
        foreach (var part in parts)
        {
            if (!Words.TryGetValue(part, out var hue))
            {
                return false;
            }

            hues.Add(hue);
        }

        if (hues.Count is 0 or > 2)
        {
            return false;
        }

        colour = hues is [Hue.Yellow, Hue.Green]
            ? new(Hue.Green, Hue.Yellow)
            : new(hues[0], hues.Count == 2 ? hues[1] : null);
        return true;
    }

    /// <summary>"green, yellow stripe".</summary>
    public override string ToString() => Stripe is { } stripe ? $"{Say(Base)}, {Say(stripe)} stripe" : Say(Base);

    private static string Say(Hue hue) =>
        hue switch
        {
            Hue.Black => "black",
            Hue.Brown => "brown",
            Hue.Red => "red",
            Hue.Orange => "orange",
            Hue.Yellow => "yellow",
            Hue.Green => "green",
            Hue.Blue => "blue",
            Hue.Violet => "violet",
            Hue.Grey => "grey",
            Hue.White => "white",
            Hue.Pink => "pink",
            Hue.Turquoise => "turquoise",
            _ => "bare",
        };

    [GeneratedRegex(
        @"(?:[\s/,;+&.-]|\bwith\b|\bw(?=/)|\bstriped?\b|\btracer\b|\band\b)+",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Separators();
}
