using Lacet.Core.Drawings;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Splices;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;

namespace Lacet.Web.Splices;

/// <summary>A hand splice that is asked for.</summary>
/// <param name="Form">pigtail-2, pigtail-3, pigtail-4, in-line, tap, face-to-face, stranded-tee or
/// stranded-to-solid.</param>
/// <param name="Conductor">The wire.</param>
/// <param name="Turns">How often it goes round; 4 open and 4 tight where nobody said.</param>
/// <param name="HouseRules">The house rules; what is left out is the default.</param>
/// <param name="Lead">Which unit leads.</param>
public sealed record HandSpliceRequest(
    HandForm Form,
    ConductorDocument Conductor,
    TurnsDocument? Turns = null,
    HouseRules? HouseRules = null,
    Lead Lead = Lead.Metric
);

/// <summary>How often a wire goes round.</summary>
/// <param name="Open">Turns with room between them.</param>
/// <param name="Tight">Turns that touch.</param>
public sealed record TurnsDocument(int Open, int Tight);

/// <summary>A hand splice.</summary>
/// <param name="Says">Which, in a few words.</param>
/// <param name="Wires">What is bared of each wire.</param>
/// <param name="Turns">How often it goes round.</param>
/// <param name="Trim">What is left after trimming; null where nothing is trimmed.</param>
/// <param name="Joint">How long the finished joint is.</param>
/// <param name="Diameter">How thick.</param>
/// <param name="Steps">What to do, in order.</param>
/// <param name="Limits">What it is for, and what not.</param>
/// <param name="Tape">Its insulation, from the inside out.</param>
/// <param name="NotFinished">That a bare twist is not finished.</param>
/// <param name="Scene">It wound, before solder and tape, to scale.</param>
public sealed record HandSpliceDocument(
    string Says,
    IReadOnlyList<BaredWireDocument> Wires,
    TurnsDocument Turns,
    Readout? Trim,
    Readout Joint,
    Readout Diameter,
    IReadOnlyList<string> Steps,
    IReadOnlyList<string> Limits,
    IReadOnlyList<TapeLayerDocument> Tape,
    string NotFinished,
    SceneDocument Scene
)
{
    internal static HandSpliceDocument Of(HandSplice splice, ReaderFormat reader) =>
        new(
            $"{HandSpliceDrawing.SayOf(splice.Form)}, {splice.Conductor.Size.NameInBoth}",
            [.. splice.Wires.Select(w => new BaredWireDocument(w.Name, w.Bare.Read(), w.InTheMiddle))],
            new(splice.Turns.Open, splice.Turns.Tight),
            splice.Trim?.Read(),
            splice.Joint.Read(),
            splice.Diameter.Read(),
            [.. splice.Steps.Select(s => s.Said(reader))],
            [.. splice.Limits.Select(l => l.Said(reader))],
            [
                .. splice.Tape.Select(t => new TapeLayerDocument(
                    t.Tape,
                    t.Width.Read(),
                    t.Covers.Read(),
                    t.TapeLength.Read(),
                    t.Thickness.Read()
                )),
            ],
            HandSplice.NotFinished.Said(reader),
            SceneDocument.Of(HandSpliceDrawing.Of(splice), reader)
        );
}

/// <summary>What is bared of a wire.</summary>
public sealed record BaredWireDocument(string Name, Readout Bare, bool InTheMiddle);

/// <summary>A half-lapped layer of tape.</summary>
public sealed record TapeLayerDocument(
    string Tape,
    Readout Width,
    Readout Covers,
    Readout TapeLength,
    Readout Thickness
);
