using System.Runtime.InteropServices;
using Lacet.Core.Reference;

namespace Lacet.Core.Conductors;

/// <summary>
/// The colour of an insulation, striped or not. It says nothing for sure about what the conductor is for.
/// </summary>
/// <param name="Base">The colour it has most of.</param>
/// <param name="Stripe">The stripe's colour; null where it is plain.</param>
[StructLayout(LayoutKind.Auto)]
public readonly record struct InsulationColour(Hue Base, Hue? Stripe = null)
{
    private static readonly Dictionary<string, Hue>.AlternateLookup<ReadOnlySpan<char>> Hues = ReferenceTable
        .Rows<ColourRow>("colours")
        .ToDictionary(r => r.Word, r => r.Hue, StringComparer.OrdinalIgnoreCase)
        .GetAlternateLookup<ReadOnlySpan<char>>();

    // What may stand between two colours, or behind them; a shade of blue is blue.
    private static readonly HashSet<string>.AlternateLookup<ReadOnlySpan<char>> Joining = Words(
        "with w and mit und et avec y con e com en met light lt dark dk"
    );

    private static readonly HashSet<string>.AlternateLookup<ReadOnlySpan<char>> Trailing = Words(
        "stripe stripes striped strp tracer trc streifen"
    );

    /// <summary>
    /// Whether it marks an earth: green, green with yellow, or bare (NEC 250.119, IEC 60445; from memory).
    /// </summary>
    public bool MarksEarth => Base is Hue.Green or Hue.Bare || (Base == Hue.Yellow && Stripe == Hue.Green);

    /// <summary>
    /// Reads a colour as people write it: "black", "GN/YE", "gnye", "white w/ blue stripe", "BK", "grün-gelb". False
    /// where any part of it is no colour.
    /// </summary>
    public static bool TryParse(ReadOnlySpan<char> text, out InsulationColour colour)
    {
        // Single letters are a colour only in the one pair that everybody writes so.
        if (text.Trim() is ['g' or 'G', '/' or '-', 'y' or 'Y'] or ['y' or 'Y', '/' or '-', 'g' or 'G'])
        {
            colour = new(Hue.Green, Hue.Yellow);
            return true;
        }

        colour = default;
        Hue? first = null,
            second = null;
        var open = false;
        while (NextWord(ref text) is { Length: > 0 } word)
        {
            if (Trailing.Contains(word) && first is not null)
            {
                open = false;
            }
            else if (Joining.Contains(word))
            {
                // "White with" is waiting for its stripe.
                open = true;
            }
            else if (Two(word) is (var one, var other))
            {
                if (first is null)
                {
                    (first, second) = (one, other);
                }
                else if (second is not null || other is not null)
                {
                    return false;
                }
                else
                {
                    second = one;
                }

                open = false;
            }
            else
            {
                return false;
            }
        }

        if (first is not { } most || open || !text.IsEmpty)
        {
            return false;
        }

        colour = (most, second) is (Hue.Yellow, Hue.Green) ? new(Hue.Green, Hue.Yellow) : new(most, second);
        return true;
    }

    /// <summary>Whether a word can begin a colour: black, GNYE, light.</summary>
    internal static bool Begins(ReadOnlySpan<char> word)
    {
        var letters = NextWord(ref word);
        return letters.Length > 0
            && (Joining.Contains(letters) || Two(letters) is not null || letters is ['g' or 'G' or 'y' or 'Y']);
    }

    /// <summary>"green, yellow stripe".</summary>
    public override string ToString() => Stripe is { } stripe ? $"{Say(Base)}, {Say(stripe)} stripe" : Say(Base);

    /// <summary>The next run of letters; what stands before it is no letter. Empty at the end, or before a digit.</summary>
    private static ReadOnlySpan<char> NextWord(ref ReadOnlySpan<char> text)
    {
        while (!text.IsEmpty && !char.IsLetter(text[0]))
        {
            if (!(char.IsWhiteSpace(text[0]) || "/,;+&.-()|".Contains(text[0], StringComparison.Ordinal)))
            {
                return [];
            }

            text = text[1..];
        }

        var length = 0;
        while (length < text.Length && char.IsLetter(text[length]))
        {
            length++;
        }

        var word = text[..length];
        text = text[length..];
        return word;
    }

    /// <summary>A colour, or two that are run together: GNYE as IEC 60757 has them, grüngelb.</summary>
    private static (Hue One, Hue? Other)? Two(ReadOnlySpan<char> word)
    {
        if (Hues.TryGetValue(word, out var hue))
        {
            return (hue, null);
        }

        for (var i = word.Length == 4 ? 2 : 3; i <= word.Length - (word.Length == 4 ? 2 : 3); i++)
        {
            if (Hues.TryGetValue(word[..i], out var one) && Hues.TryGetValue(word[i..], out var other))
            {
                return (one, other);
            }
        }

        return null;
    }

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
            Hue.Tan => "tan",
            _ => "bare",
        };

    private static HashSet<string>.AlternateLookup<ReadOnlySpan<char>> Words(string words) =>
        words.Split(' ').ToHashSet(StringComparer.OrdinalIgnoreCase).GetAlternateLookup<ReadOnlySpan<char>>();
}
