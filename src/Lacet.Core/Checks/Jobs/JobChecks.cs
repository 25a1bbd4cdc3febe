using Lacet.Core.Jobs;

namespace Lacet.Core.Checks.Jobs;

/// <summary>All checks of what only a whole job shows. The registry: a check not listed here does nothing.</summary>
public static class JobChecks
{
    /// <summary>Checks of an end where it lands.</summary>
    public static IReadOnlyList<IJobCheck<EndOfWire>> Ends { get; } =
    [new ReversedPolarity(), new FreeLengthShort(), new NotForWetPlace()];

    /// <summary>Checks of a wire.</summary>
    public static IReadOnlyList<IJobCheck<JobWire>> Wires { get; } =
    [
        new EarthForAnother(),
        new LandsNowhere(),
        new DuplicateName(),
        new ColourAgainstFunction(),
        new ConductorNotKnown(),
        new CircuitNotKnown(),
        new OverloadedBetweenJoints(),
    ];

    /// <summary>Checks of a landing.</summary>
    public static IReadOnlyList<IJobCheck<JobLanding>> Landings { get; } =
    [
        new MoreThanTwo(),
        new BareTwist(),
        new SpliceInCord(),
        new SpliceTwinCrossed(),
        new SpliceOverfilled(),
        new SpliceUnderfilled(),
        new SpliceNotListed(),
        new SpliceNotSealed(),
        new MixedMetalsInSplice(),
        new EarthBySolder(),
        new SpliceNotForStrands(),
        new LandingNotKnown(),
        new LandingWithNothing(),
        new BridgeMissing(),
        new BridgeTooWeak(),
        new BridgePassesOver(),
    ];

    /// <summary>
    /// Checks of what is joined at a landing: what stands there is looked at once, and one of them says what it comes
    /// to.
    /// </summary>
    public static IReadOnlyList<JoinedCheck> Joined { get; } =
    [
        new LineToEarth(),
        new LineToNeutral(),
        new PhasesJoined(),
        new SystemsJoined(),
        new PlusToZero(),
        new NeutralToEarth(),
        new CircuitLinesJoined(),
        new CircuitNeutralsJoined(),
        new SwitchBypassed(),
        new TravellerJoined(),
    ];

    /// <summary>Checks of a device.</summary>
    public static IReadOnlyList<IJobCheck<Device>> Devices { get; } =
    [
        new BootlegEarth(),
        new EarthMissing(),
        new NeutralThroughDevice(),
        new LineLoadSwapped(),
        new BreakOffTabCheck(),
        new ReceptacleRating(),
        new SingleReceptacleRating(),
        new PluggedLoad(),
        new CircuitsMixed(),
        new LegsFromSeveralBreakers(),
        new LineAndNeutralApart(),
        new BreakerNotFed(),
        new SwitchInNeutral(),
        new AheadOfBreaker(),
        new PolesJoined(),
        new BreakerOfSeveralCircuits(),
        new BreakerRatingUnlike(),
        new FedByTwoBreakers(),
        new FedByNothing(),
        new NeutralMissing(),
        new NeutralOfAnother(),
        new NeutralAcrossProtection(),
        new VoltageUnlikeRated(),
        new TravellerOnCommon(),
        new SwitchSwitchesNothing(),
        new InsideNotKnown(),
        new WiredAtOneSide(),
        new PhaseMissing(),
        new TiedToNone(),
        new PastOverload(),
        new CoilAlwaysOn(),
        new BothEndsAlike(),
        new ShortedByContact(),
    ];

    /// <summary>Checks of a circuit.</summary>
    public static IReadOnlyList<IJobCheck<Circuit>> Circuits { get; } =
    [new ContinuousLoad(), new VoltageDropHigh(), new EarthTooSmall(), new SharedNeutralNotOpened()];

    /// <summary>Checks of an enclosure.</summary>
    public static IReadOnlyList<IJobCheck<Enclosure>> Enclosures { get; } = [new BoxOverfilled()];

    /// <summary>Checks of a cord.</summary>
    public static IReadOnlyList<IJobCheck<JobCord>> Cords { get; } = [new CordUnfit()];

    /// <summary>Checks of a cable or cord with its conductors.</summary>
    public static IReadOnlyList<IJobCheck<JobCable>> Cables { get; } =
    [new CableConductorsUnlike(), new CableConductorsOver(), new CableConductorsSpare(), new CableToThird()];

    /// <summary>Checks of what runs together, in a raceway or in a jacket.</summary>
    public static IReadOnlyList<IJobCheck<RunOfWires>> Runs { get; } = [new LoadedTogether(), new CircuitAcrossRuns()];

    /// <summary>Checks of a pin map against what is wired; what it says by itself is judged by its own checks.</summary>
    public static IReadOnlyList<IJobCheck<JobPinMap>> PinMaps { get; } = [new PinAgainstWire()];
}
