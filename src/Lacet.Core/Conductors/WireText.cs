using Lacet.Core.Quantities;

namespace Lacet.Core.Conductors;

/// <summary>
/// Reads a wire, a cable or a cord as people write it, in any order: "14 sol cu", "#12 WHT THHN", "14/2 NM w/g",
/// "3G1.5 H07RN-F", "4/0 al xhhw", "10GA STR RED". The one grammar of the Bench, the wire grid, the board and lists.
/// </summary>
public static class WireText
{
    /// <summary>A text that is longer is no wire.</summary>
    public const int Longest = 200;

    /// <summary>What a text says. It never fails: what is not understood is among the parts.</summary>
    public static WireReading Read(string text) => new WireScan(text).Read();

    /// <summary>
    /// The conductor that a text means; what it leaves out is taken from <paramref name="current"/>. Throws
    /// <see cref="ImpossibleInputException"/> with a sentence where any of it is not understood, so that nothing
    /// changes.
    /// </summary>
    public static Conductor ReadConductor(string text, Conductor? current) => ConductorOf(Read(text), current);

    /// <summary>The conductor that was read, and as <see cref="ReadConductor"/> otherwise.</summary>
    public static Conductor ConductorOf(WireReading read, Conductor? current)
    {
        const string Field = "text";
        if (read.NotUnderstood.FirstOrDefault() is { } unknown)
        {
            throw new ImpossibleInputException(Field, unknown.Says);
        }

        // A colour alone is said of the wire at hand.
        return !read.SaysConductor && (read.Colour is null || current is null)
            ? throw new ImpossibleInputException(
                Field,
                "Type a size and what it is, such as “14 sol cu” or “2.5 H07V-K”."
            )
            : read.Over(current)
                ?? throw new ImpossibleInputException(Field, "Type the size too, such as “14 sol cu”.");
    }
}
