using System.Text.Json.Serialization;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Jobs;

/// <summary>How an end was found made.</summary>
/// <param name="BareShowingMm">Bare metal that shows, mm.</param>
/// <param name="InsulationCaught">Whether insulation is caught.</param>
/// <param name="Hook">clockwise, counter-clockwise or straight.</param>
/// <param name="Loose">Whether it moves when tugged.</param>
/// <param name="Scorched">Whether it shows heat.</param>
public sealed record FoundDocument(
    double? BareShowingMm = null,
    bool InsulationCaught = false,
    HookWay? Hook = null,
    bool Loose = false,
    bool Scorched = false
)
{
    /// <summary>What else is wrong with it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<Fault>? Faults { get; init; }

    /// <summary>How many strands there are, counted.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public int? Strands { get; init; }

    /// <summary>How many of them are lost.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public int StrandsLost { get; init; }

    /// <summary>The strip length, measured, mm.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? MeasuredStripMm { get; init; }

    /// <summary>How it was tightened, where that is known.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public TighteningDocument? Tightening { get; init; }

    /// <summary>Writes how an end was found: what has a member of its own there, the rest among the faults.</summary>
    public static FoundDocument Of(AsMade made)
    {
        var faults = made
            .Faults.Where(f =>
                f is not (Fault.InsulationCaught or Fault.WrongWay or Fault.Loose or Fault.Scorched or Fault.StrandsCut)
            )
            .ToList();
        return new(made.BareShowing?.Millimetres, made.InsulationCaught, made.Hook, made.Loose, made.Scorched)
        {
            Faults = faults.Count == 0 ? null : faults,
            Strands = made.Strands,
            StrandsLost = made.StrandsLost,
            MeasuredStripMm = made.MeasuredStrip?.Millimetres,
            Tightening = made.Tightening is { } tightening ? TighteningDocument.Of(tightening) : null,
        };
    }

    /// <summary>As made.</summary>
    public AsMade Read() => (Faults ?? []).Aggregate(Named(), (made, fault) => made.With(fault));

    private AsMade Named() =>
        new(MeasuredStripMm is { } strip ? new Length(strip) : null, Tightening?.Read())
        {
            Strands = Strands,
            StrandsLost = StrandsLost,
            BareShowing = BareShowingMm is { } mm ? new Length(mm) : null,
            InsulationCaught = InsulationCaught,
            Hook = Hook,
            Loose = Loose,
            Scorched = Scorched,
        };
}
