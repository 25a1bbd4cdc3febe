using Lacet.Core.Quantities;

namespace Lacet.Core.Landings;

/// <summary>
/// How an end really is, as far as somebody measured or saw it: one shape for a survey, a rework, a record and an
/// exercise.
/// </summary>
/// <param name="MeasuredStrip">The strip length that was measured; null where nobody did.</param>
/// <param name="Tightening">How it was tightened; null where it is not tightened yet, or nobody knows.</param>
public sealed record AsMade(Length? MeasuredStrip, Tightening? Tightening)
{
    /// <summary>Bare metal that shows outside the landing; null where nobody looked.</summary>
    public Length? BareShowing { get; init; }

    /// <summary>Too short or too long at a look, with nothing measured; null where nobody said.</summary>
    public Judgement? StripLooks { get; init; }

    /// <summary>Whether insulation is caught under the screw or in the clamp.</summary>
    public bool InsulationCaught { get; init; }

    /// <summary>Which way the hook lies; null where there is none or nobody looked.</summary>
    public HookWay? Hook { get; init; }

    /// <summary>Whether its hook was closed once and opened again.</summary>
    public bool HookOpened { get; init; }

    /// <summary>Whether there is a notch in it.</summary>
    public bool Nicked { get; init; }

    /// <summary>Whether a ring was cut round it.</summary>
    public bool Ringed { get; init; }

    /// <summary>Whether it is twisted until its strands lie across themselves.</summary>
    public bool OverTwisted { get; init; }

    /// <summary>How many strands there are, counted; null for as many as such a wire usually has.</summary>
    public int? Strands { get; init; }

    /// <summary>How many of them are nicked or cut off.</summary>
    public int StrandsLost { get; init; }

    /// <summary>Whether a strand stands outside.</summary>
    public bool StrandOut { get; init; }

    /// <summary>Whether two conductors are where one belongs.</summary>
    public bool Doubled { get; init; }

    /// <summary>Whether its solder is dull, cracked round the wire, or a ball.</summary>
    public bool BadSolder { get; init; }

    /// <summary>Whether it moves when it is tugged.</summary>
    public bool Loose { get; init; }

    /// <summary>Whether it shows heat: browned, melted, brittle.</summary>
    public bool Scorched { get; init; }

    /// <summary>All that is wrong with it at a look; what was measured is judged against its windows.</summary>
    public IReadOnlyList<Fault> Faults => [.. Enum.GetValues<Fault>().Where(Has)];

    /// <summary>
    /// The same end with one more thing wrong. Strands that are lost are counted: see <see cref="StrandsLost"/>.
    /// </summary>
    public AsMade With(Fault fault) =>
        fault switch
        {
            Fault.Nick => this with { Nicked = true },
            Fault.StrandsCut => this with { StrandsLost = Math.Max(1, StrandsLost) },
            Fault.Ring => this with { Ringed = true },
            Fault.OpenedHook => this with { HookOpened = true },
            Fault.OverTwist => this with { OverTwisted = true },
            Fault.TooShort => this with { StripLooks = Judgement.Short },
            Fault.TooLong => this with { StripLooks = Judgement.Long },
            Fault.InsulationCaught => this with { InsulationCaught = true },
            Fault.StrandOut => this with { StrandOut = true },
            Fault.WrongWay => this with { Hook = HookWay.CounterClockwise },
            Fault.DoubleStacked => this with { Doubled = true },
            Fault.BadSolder => this with { BadSolder = true },
            Fault.Scorched => this with { Scorched = true },
            _ => this with { Loose = true },
        };

    private bool Has(Fault fault) =>
        fault switch
        {
            Fault.Nick => Nicked,
            Fault.StrandsCut => StrandsLost > 0,
            Fault.Ring => Ringed,
            Fault.OpenedHook => HookOpened,
            Fault.OverTwist => OverTwisted,
            Fault.TooShort => StripLooks == Judgement.Short,
            Fault.TooLong => StripLooks == Judgement.Long,
            Fault.InsulationCaught => InsulationCaught,
            Fault.StrandOut => StrandOut,
            Fault.WrongWay => Hook == HookWay.CounterClockwise,
            Fault.DoubleStacked => Doubled,
            Fault.BadSolder => BadSolder,
            Fault.Scorched => Scorched,
            _ => Loose,
        };
}
