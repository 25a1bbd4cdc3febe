using Lacet.Core.Quantities;
using Lacet.Core.Reference;

namespace Lacet.Core.Landings;

/// <summary>A binding screw: the thread the hook goes round and the head that holds it.</summary>
/// <param name="Name">"#6", "#8" or "#10".</param>
/// <param name="MajorDiameter">Thread major diameter, mm.</param>
/// <param name="HeadDiameter">Head diameter, mm.</param>
public sealed record ScrewSize(string Name, double MajorDiameter, double HeadDiameter)
{
    /// <summary>Where the dimensions are from.</summary>
    public const string Source = "ASME B18.6.3 pan head, ASME B1.1 thread (from memory)";

    /// <summary>All of them, small to large.</summary>
    public static IReadOnlyList<ScrewSize> All { get; } = ReferenceTable.Rows<ScrewSize>("screws");

    /// <summary>Reads "#8", "8" or "no. 8".</summary>
    public static ScrewSize Parse(string text)
    {
        var digits = string.Concat(text.Where(char.IsAsciiDigit));
        return All.FirstOrDefault(s => string.Equals(s.Name[1..], digits, StringComparison.Ordinal))
            ?? throw new ImpossibleInputException("landing.screw", "The screw must be #6, #8 or #10.");
    }
}
