using System.Globalization;
using System.Text.RegularExpressions;
using Lacet.Core.Quantities;

namespace Lacet.Core.Conductors;

/// <summary>Reads a wire as people type it: "14 sol cu", "2.5 fine", "#12 str", "6 mm2 flex od 5.1".</summary>
public static partial class ConductorText
{
    private static readonly Dictionary<string, Build> Builds = new(StringComparer.OrdinalIgnoreCase)
    {
        ["sol"] = Build.Solid,
        ["solid"] = Build.Solid,
        ["class1"] = Build.Solid,
        ["rigid"] = Build.Solid,
        ["str"] = Build.Stranded,
        ["strand"] = Build.Stranded,
        ["stranded"] = Build.Stranded,
        ["class2"] = Build.Stranded,
        ["fine"] = Build.FineStranded,
        ["finestranded"] = Build.FineStranded,
        ["fine-stranded"] = Build.FineStranded,
        ["flex"] = Build.FineStranded,
        ["flexible"] = Build.FineStranded,
        ["class5"] = Build.FineStranded,
    };

    private static readonly Dictionary<string, Material> Materials = new(StringComparer.OrdinalIgnoreCase)
    {
        ["cu"] = Material.Copper,
        ["copper"] = Material.Copper,
        ["al"] = Material.Aluminium,
        ["alu"] = Material.Aluminium,
        ["aluminium"] = Material.Aluminium,
        ["aluminum"] = Material.Aluminium,
    };

    /// <summary>Whether a word names a build or a material.</summary>
    public static bool IsWord(string word) => Builds.ContainsKey(word) || Materials.ContainsKey(word);

    /// <summary>Whether a text says solid, stranded or fine.</summary>
    public static bool SaysBuild(string text) =>
        ClassWithSpace()
            .Replace(text, "class${class}")
            .Split([' ', ';'], StringSplitOptions.RemoveEmptyEntries)
            .Any(Builds.ContainsKey);

    /// <summary>
    /// The wire that was meant; what the text leaves out is taken from <paramref name="current"/>. Throws
    /// <see cref="ImpossibleInputException"/> with a sentence where any of it is not understood, so that nothing
    /// changes.
    /// </summary>
    public static Conductor Read(string text, Conductor? current)
    {
        const string Field = "text";
        ConductorSize? size = null;
        Build? build = null;
        Material? material = null;
        Length? insulation = null;
        var rest = ClassWithSpace().Replace(text.Trim(), "class${class}");
        while (rest.Length > 0)
        {
            var token = Token().Match(rest);
            var word = token.Groups["word"].Value;
            if (token.Groups["od"].Success)
            {
                insulation = new(
                    double.Parse(token.Groups["od"].Value.Replace(',', '.'), CultureInfo.InvariantCulture)
                );
            }
            else if (token.Groups["size"].Success && size is null)
            {
                size = ConductorSize.Parse(token.Groups["size"].Value, Field);
            }
            else if (Builds.TryGetValue(word, out var b) && build is null)
            {
                build = b;
            }
            else if (Materials.TryGetValue(word, out var m) && material is null)
            {
                material = m;
            }
            else
            {
                var part = token.Success && token.Value.Trim() is { Length: > 0 and <= 40 } said ? $"“{said}”" : "That";
                throw new ImpossibleInputException(
                    Field,
                    $"{part} is not understood. Type a size and what it is, such as “14 sol cu” or “2.5 fine”."
                );
            }

            rest = rest[token.Length..];
        }

        if (size is null && build is null && material is null && insulation is null)
        {
            throw new ImpossibleInputException(Field, "Type a size and what it is, such as “14 sol cu” or “2.5 fine”.");
        }

        var newSize = size
            ?? current?.Size
            ?? throw new ImpossibleInputException(Field, "Type the size too, such as “14 sol cu”.");
        // Another size has another insulation: a measured diameter goes with the wire that it was measured on.
        var kept =
            newSize.Equals(current?.Size) && current.InsulationIsGiven
                ? current.InsulationOuterDiameter
                : (Length?)null;
        return Conductor.Of(
            newSize,
            build ?? current?.Build ?? Build.Solid,
            material ?? current?.Material ?? Material.Copper,
            insulation ?? kept
        );
    }

    [GeneratedRegex(
        @"\bclass\s+(?<class>[125])\b",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex ClassWithSpace();

    [GeneratedRegex(
        @"^(?:od\s*(?<od>[0-9]{1,3}(?:[.,][0-9]{1,3})?)\s*(?:mm)?|(?<size>(?:(?:awg|\#|no\.?)\s*)?[0-9][0-9.,/]*\s*(?:awg|gauge|ga|kcmil|mcm|mm²|mm2|mm\^2|sq\.?\s?mm|qmm|mm|²)?)|(?<word>\S+))(?:[\s;]+|$)",
        RegexOptions.IgnoreCase | RegexOptions.CultureInvariant | RegexOptions.ExplicitCapture,
        matchTimeoutMilliseconds: 1000
    )]
    private static partial Regex Token();
}
