using Lacet.Core.Conductors;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Web.Bench;

/// <summary>A wire as somebody typed it.</summary>
/// <param name="Text">Such as "14 sol cu", "12/2 NM w/g", "#12 WHT THHN".</param>
/// <param name="Current">What the text leaves out is taken from here.</param>
public sealed record WireTextRequest(string Text, ConductorDocument? Current = null);

/// <summary>How a typed wire was understood, part by part.</summary>
/// <param name="Parts">The text's parts, in order, each with its place and how it is understood.</param>
/// <param name="Conductor">The wire; null where a part is not understood, or where no size is said.</param>
/// <param name="ReadAs">In words, as it can be typed in again.</param>
/// <param name="Area">Its area in both systems; null where there is no wire.</param>
/// <param name="Colour">The insulation's colour; null where none is said.</param>
/// <param name="Count">How many conductors a cable has; null where the text says none.</param>
/// <param name="Earth">Whether a cable has an earth.</param>
/// <param name="Cores">The conductors of a cable, the earth last; none where the text counts none.</param>
/// <param name="Shielded">Whether it is shielded.</param>
/// <param name="Length">How long it is; null where the text does not say.</param>
/// <param name="Letters">What its letters say, in a line; null where it has none.</param>
/// <param name="Problem">What is not understood, or missing, in a sentence; null where nothing is.</param>
public sealed record WireReadAnswer(
    IReadOnlyList<WirePart> Parts,
    ConductorDocument? Conductor,
    string ReadAs,
    Readout? Area,
    InsulationColourDocument? Colour,
    int? Count,
    EarthInCable Earth,
    IReadOnlyList<CableCoreDocument> Cores,
    bool Shielded,
    Readout? Length,
    string? Letters,
    string? Problem
)
{
    /// <summary>Reads a text; what it leaves out is taken from <paramref name="current"/>.</summary>
    internal static WireReadAnswer Of(string text, Conductor? current)
    {
        var read = WireText.Read(text);
        Conductor? conductor = null;
        string? problem = null;
        try
        {
            conductor = WireText.ConductorOf(read, current);
        }
        catch (ImpossibleInputException impossible)
        {
            problem = impossible.Message;
        }

        return new(
            read.Parts,
            conductor is null ? null : ConductorDocument.Of(conductor),
            conductor is null
                ? read.ToString()
                : (
                    read with
                    {
                        Build = conductor.Build,
                        Material = conductor.Material,
                        Size = conductor.Size,
                    }
                ).ToString(),
            conductor?.Size.Area.Read(),
            Said(read.Colour),
            read.Count,
            CableCores.EarthOf(read),
            [.. CableCores.Of(read).Select(c => new CableCoreDocument(Said(c.Colour), c.IsEarth))],
            read.Shielded,
            read.Length?.ReadLong(),
            conductor?.Designation?.Line,
            problem
        );

        static InsulationColourDocument? Said(InsulationColour? colour) =>
            colour is { } said ? new(said.Base, said.Stripe, said.ToString()) : null;
    }
}

/// <summary>One conductor of a cable or cord.</summary>
/// <param name="Colour">Its colour; null where no table gives it.</param>
/// <param name="IsEarth">Whether it is the earth.</param>
public sealed record CableCoreDocument(InsulationColourDocument? Colour, bool IsEarth);

/// <summary>A colour of insulation.</summary>
/// <param name="Base">The colour it has most of.</param>
/// <param name="Stripe">The stripe's; null where it is plain.</param>
/// <param name="Says">In words.</param>
public sealed record InsulationColourDocument(Hue Base, Hue? Stripe, string Says);
