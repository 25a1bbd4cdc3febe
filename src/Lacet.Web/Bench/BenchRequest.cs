using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Cords;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Core.Strip;
using Lacet.Exchange.Documents;
using Lacet.Web.Http;

namespace Lacet.Web.Bench;

/// <summary>A wire and where it goes.</summary>
public record BenchRequest
{
    /// <summary>The wire; or <see cref="Conductors"/>.</summary>
    public ConductorDocument? Conductor { get; init; }

    /// <summary>One wire, or two for a landing that takes two.</summary>
    public IReadOnlyList<ConductorDocument>? Conductors { get; init; }

    /// <summary>Where it goes.</summary>
    public required LandingDocument Landing { get; init; }

    /// <summary>House rules; what is left out is the default.</summary>
    public HouseRules? HouseRules { get; init; }

    /// <summary>How the end is found: fresh, used-hook, tinned or ringed.</summary>
    public EndCondition Condition { get; init; }

    /// <summary>The shape that the crimper at hand makes.</summary>
    public CrimpShape? CrimpShape { get; init; }

    /// <summary>The ferrule size that the kit's own label gives for this wire, mm².</summary>
    public double? FerruleLabelMm2 { get; init; }

    /// <summary>The circuit's breaker or load, A.</summary>
    public double? CircuitAmps { get; init; }

    /// <summary>
    /// What is in the hand to strip with: hole, automatic, rotary or knife; null for what is usual for the size.
    /// </summary>
    public StrippingTool? StrippingTool { get; init; }

    /// <summary>
    /// How it is made dead: building, cord, transformer, machine, or none where nothing is connected or dead was proved
    /// already.
    /// </summary>
    public Isolation? Isolation { get; init; }

    /// <summary>How many ends alike are made.</summary>
    public int Alike { get; init; } = 1;

    /// <summary>Whether an apprentice makes it.</summary>
    public bool ByApprentice { get; init; }

    /// <summary>Whether the circuit feeds several receptacles for plugged loads.</summary>
    public bool FeedsReceptacles { get; init; }

    /// <summary>The cable or cord that the wire comes from.</summary>
    public EntryDocument? Entry { get; init; }

    /// <summary>Which unit leads in sentences.</summary>
    public Lead Lead { get; init; }

    /// <summary>
    /// What is in the hand, the landing looked up; throws <see cref="ImpossibleInputException"/> with the field and a
    /// sentence.
    /// </summary>
    internal EndAtHand Read(LandingDocument landing)
    {
        var conductors = (Conductor, Conductors) switch
        {
            ({ } one, null) => (Conductor[])[one.Read()],
            (null, { Count: 1 or 2 } some) => [.. some.Select(c => c.Read())],
            ({ }, { }) => throw new ImpossibleInputException(
                "conductors",
                "Give one conductor, or a list of them, not both."
            ),
            (null, null) => throw new ImpossibleInputException("conductor", "Say which wire it is."),
            _ => throw new ImpossibleInputException(
                "conductors",
                "A landing takes one conductor, or two where it is marked for two."
            ),
        };
        return new EndAtHand(conductors[0], landing.Read(), HouseRules ?? Core.Landings.HouseRules.Default)
        {
            Second = conductors is [_, var second] ? second : null,
            Condition = Condition,
            CrimpShape = CrimpShape,
            FerruleLabelMm2 = FerruleLabelMm2,
            StrippingTool = StrippingTool,
            Isolation = Isolation,
            Alike = Alike is >= 1 and <= 10_000
                ? Alike
                : throw new ImpossibleInputException("alike", "From 1 to 10,000 ends alike."),
            ByApprentice = ByApprentice,
            FeedsReceptacles = FeedsReceptacles,
            Entry = Entry is { } entry ? new CableEntry(entry.JacketOuterDiameterMm, entry.ReachMm) : null,
            CircuitAmps = CircuitAmps is null or (> 0 and <= 2000)
                ? CircuitAmps
                : throw new ImpossibleInputException(
                    "circuitAmps",
                    "The circuit’s amperes must be more than 0 and at most 2,000."
                ),
        };
    }
}

/// <summary>The same, with what was measured.</summary>
public sealed record SectionRequest : BenchRequest
{
    /// <summary>Measured strip length, mm; null where nobody measured.</summary>
    public double? MeasuredStripMm { get; init; }
}

/// <summary>A cable or cord where it enters.</summary>
/// <param name="JacketOuterDiameterMm">The jacket over all, mm.</param>
/// <param name="ReachMm">From the clamp to the landing, along the run, mm.</param>
public sealed record EntryDocument(double JacketOuterDiameterMm, double ReachMm);

/// <summary>An adapter on a torque wrench.</summary>
/// <param name="TargetNm">What the screw is to get, N·m.</param>
/// <param name="LeverMm">From the drive square to the middle of the grip, mm.</param>
/// <param name="AdapterMm">From the drive square to the driven axis, mm.</param>
/// <param name="AngleDegrees">0 outward in line with the arm, 180 back toward the hand.</param>
public sealed record WrenchRequest(double TargetNm, double LeverMm, double AdapterMm, double AngleDegrees = 0);

/// <summary>What a wrench with an adapter is set to.</summary>
/// <param name="SetTo">The setting.</param>
/// <param name="Factor">The setting as a part of what the screw gets.</param>
/// <param name="Says">Why, in a sentence.</param>
public sealed record WrenchAnswer(Readout SetTo, double Factor, string Says);

/// <summary>What a belted ferrule tool usually costs and saves, to begin from.</summary>
/// <param name="Usual">Prices and times.</param>
/// <param name="Says">What it is good for.</param>
public sealed record UsualBelt(BeltedTool Usual, string Says);

/// <summary>From which count a belted ferrule tool pays.</summary>
/// <param name="Count">Ends; null where it never does.</param>
/// <param name="Says">In a sentence.</param>
public sealed record BeltAnswer(int? Count, string Says);
