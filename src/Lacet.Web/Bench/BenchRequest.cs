using Lacet.Core.Checks.End;
using Lacet.Core.Conductors;
using Lacet.Core.Ferrules;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

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
    public HouseRulesDocument? HouseRules { get; init; }

    /// <summary>How the end is found: fresh, used-hook, tinned or ringed.</summary>
    public EndCondition Condition { get; init; }

    /// <summary>The shape that the crimper at hand makes.</summary>
    public CrimpShape? CrimpShape { get; init; }

    /// <summary>The ferrule size that the kit's own label gives for this wire, mm².</summary>
    public double? FerruleLabelMm2 { get; init; }

    /// <summary>The circuit's breaker or load, A.</summary>
    public double? CircuitAmps { get; init; }

    /// <summary>Which unit leads in sentences.</summary>
    public Lead Lead { get; init; }

    /// <summary>What is in the hand; throws <see cref="ImpossibleInputException"/> with the field and a sentence.</summary>
    internal EndAtHand Read()
    {
        var conductors = (Conductor, Conductors) switch
        {
            ({ } one, null) => (Conductor[])[one.Read()],
            (null, { Count: 1 or 2 } some) => [.. some.Select(c => c.Read())],
            ({ }, { }) => throw new ImpossibleInputException("conductors", "Give one conductor, or a list of them, not both."),
            (null, null) => throw new ImpossibleInputException("conductor", "Say which wire it is."),
            _ => throw new ImpossibleInputException("conductors", "A landing takes one conductor, or two where it is marked for two."),
        };
        return new EndAtHand(conductors[0], Landing.Read(), HouseRules?.Read() ?? Core.Landings.HouseRules.Default)
        {
            Second = conductors is [_, var second] ? second : null,
            Condition = Condition,
            CrimpShape = CrimpShape,
            FerruleLabelMm2 = FerruleLabelMm2,
            CircuitAmps = CircuitAmps is null or (> 0 and <= 2000)
                ? CircuitAmps
                : throw new ImpossibleInputException("circuitAmps", "The circuit’s amperes must be more than 0 and at most 2,000."),
        };
    }
}

/// <summary>The same, with what was measured.</summary>
public sealed record SectionRequest : BenchRequest
{
    /// <summary>Measured strip length, mm; null where nobody measured.</summary>
    public double? MeasuredStripMm { get; init; }
}

/// <summary>A wire as somebody typed it.</summary>
/// <param name="Text">Such as "14 sol cu".</param>
/// <param name="Current">What the text leaves out is taken from here.</param>
public sealed record WireTextRequest(string Text, ConductorDocument? Current = null);

/// <summary>How a typed wire was understood.</summary>
/// <param name="Conductor">The wire.</param>
/// <param name="ReadAs">In words.</param>
/// <param name="Area">Its area in both systems.</param>
public sealed record WireTextAnswer(ConductorDocument Conductor, string ReadAs, Readout Area);

/// <summary>Which unit leads.</summary>
public enum Lead
{
    /// <summary>mm and N·m.</summary>
    Metric,

    /// <summary>Inches and lbf·in.</summary>
    Imperial,
}
