using System.Text.Json.Serialization;
using Lacet.Core.Ferrules;
using Lacet.Core.Jobs;
using Lacet.Core.Landings;
using Lacet.Core.Quantities;
using Lacet.Exchange.Documents;

namespace Lacet.Exchange.Jobs;

/// <summary>One end of a wire.</summary>
public sealed record EndDocument
{
    /// <summary>Permanent id: records keep it.</summary>
    public required Guid Id { get; init; }

    /// <summary>Where it lands; null for nowhere yet.</summary>
    public Guid? LandingId { get; init; }

    /// <summary>Whether it goes on out of this job.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool Elsewhere { get; init; }

    /// <summary>Free length, mm.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? FreeLengthMm { get; init; }

    /// <summary>How far it reaches past the opening, mm.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public double? PastOpeningMm { get; init; }

    /// <summary>fresh, used-hook, tinned or ringed.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public EndCondition Condition { get; init; }

    /// <summary>The ferrule that the list or the hand chose; null where Lacet chooses.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public GivenFerruleDocument? Ferrule { get; init; }

    /// <summary>Whether the list says that it lands bare.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool SaidBare { get; init; }

    /// <summary>The shape of its crimp.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public CrimpShape? CrimpShape { get; init; }

    /// <summary>How it was found made; null for work to be done.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public FoundDocument? Found { get; init; }

    /// <summary>The end.</summary>
    public JobEnd Read() =>
        new(Id)
        {
            LandingId = LandingId,
            Elsewhere = Elsewhere,
            FreeLength = FreeLengthMm is { } free ? new Length(free) : null,
            PastOpening = PastOpeningMm is { } past ? new Length(past) : null,
            Condition = Condition,
            Ferrule = Ferrule is { } f
                ? new GivenFerrule(f.SizeMm2, f.PinMm is { } pin ? new Length(pin) : null, f.Collar)
                : null,
            SaidBare = SaidBare,
            CrimpShape = CrimpShape,
            Found = Found?.Read(),
        };
}

/// <summary>A ferrule that was chosen already.</summary>
/// <param name="SizeMm2">The size printed on it, mm².</param>
/// <param name="PinMm">Length of its metal tube, mm.</param>
/// <param name="Collar">standard, large or none.</param>
public sealed record GivenFerruleDocument(double? SizeMm2 = null, double? PinMm = null, Collar? Collar = null);

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
