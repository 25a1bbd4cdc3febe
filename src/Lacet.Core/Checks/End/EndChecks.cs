using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>
/// All checks of an end, in the order that their findings are shown. The registry: a check not listed here does
/// nothing.
/// </summary>
public static class EndChecks
{
    /// <summary>Checks of a plan.</summary>
    public static IReadOnlyList<IEndCheck> Planned { get; } =
    [
        new ConductorOutOfRange(),
        new RangeNotKnown(),
        new SmallWireInLargeLug(),
        new BuildNotAccepted(),
        new AluminiumNotMarked(),
        new TwoConductors(),
        new MixedMetals(),
        new TwoSizesTogether(),
        new TwoTooThick(),
        new NoTwinFits(),
        new EndUsedBefore(),
        new TinnedStrands(),
        new NoRingFits(),
        new InsulationNotDisplaced(),
        new TerminalOverloaded(),
        new BackStabOver15A(),
        new WireTooThickForScrew(),
        new FineStrandsUnsupported(),
        new FerruleNoneFits(),
        new FerruleForbidden(),
        new FerruleMissing(),
        new FerruleWrongSize(),
        new FerruleCollarTooSmall(),
        new FerrulePinTooLong(),
        new FerrulePinTooShort(),
        new PinWiderThanOpening(),
        new WiderThanPitch(),
        new InsulationUnderHead(),
        new BackStabByHouseRule(),
        new SolidInCrimp(),
        new WeakCrimpShape(),
        new FerruleOnSolid(),
        new RangeByPairing(),
        new ThinWireUnderScrew(),
        new ReceptacleByHouseRule(),
        new TorqueNotMarked(),
    ];

    /// <summary>Checks of what was made.</summary>
    public static IReadOnlyList<IMadeCheck> Made { get; } =
    [
        new LooseOrScorched(),
        new SpoiledAtTheTip(),
        new HookWrongWay(),
        new InsulationCaught(),
        new BareMetalShows(),
        new StripOutOfWindow(),
        new TorqueOutOfWindow(),
        new TorqueUnmeasured(),
        new TorqueSimulated(),
    ];

    /// <summary>All findings on a plan. A second conductor must pass whatever the first must.</summary>
    public static IReadOnlyList<Finding> Judge(EndPlan plan)
    {
        var found = Found(Planned, check => Judge(check, plan));
        if (plan.AtHand.Second is not { } second || second == plan.Conductor)
        {
            return Folded(found);
        }

        var ofSecond = Found(Planned, check =>
            Judge(check, new EndPlan(plan.AtHand with { Conductor = second, Second = plan.Conductor }))
        );
        return Folded([
            .. found,
            .. ofSecond.Where(f => !found.Any(g => string.Equals(g.Check, f.Check, StringComparison.Ordinal))),
        ]);
    }

    /// <summary>All findings on an end as it was made.</summary>
    public static IReadOnlyList<Finding> Judge(MadeEnd end) => Folded(Found(Made, check => Judge(check, end)));

    /// <summary>What one check finds in a plan, with the harm that it declares.</summary>
    internal static Finding? Judge(IEndCheck check, EndPlan plan) =>
        check.Judge(plan) is { } finding ? finding with { Harm = check.Harm } : null;

    /// <summary>Checks that a check's finding may follow from; none for a check that is not of a planned end.</summary>
    internal static IReadOnlyList<string> RootsOf(string check) => Roots.GetValueOrDefault(check, []);

    private static readonly Dictionary<string, IReadOnlyList<string>> Roots = Planned.ToDictionary(
        c => c.Id,
        c => c.FollowsFrom,
        StringComparer.Ordinal
    );

    private static Finding? Judge(IMadeCheck check, MadeEnd end) =>
        check.Judge(end) is { } finding ? finding with { Harm = check.Harm } : null;

    /// <summary>
    /// One cause, one finding: what follows from another names it, and comes after it. The worst first, by harm.
    /// </summary>
    private static IReadOnlyList<Finding> Folded(IReadOnlyList<Finding> found) =>
        found.Count < 2
            ? found
            :
            [
                .. found
                    .Select(f =>
                        RootsOf(f.Check)
                            .FirstOrDefault(r => found.Any(g => string.Equals(g.Check, r, StringComparison.Ordinal)))
                            is { } root
                            ? f with
                            {
                                FollowsFrom = root,
                            }
                            : f
                    )
                    .OrderBy(f => f.FollowsFrom is not null)
                    .ThenBy(f => f.Severity)
                    .ThenBy(f => f.Harm),
            ];

    private static IReadOnlyList<Finding> Found<TCheck>(IReadOnlyList<TCheck> checks, Func<TCheck, Finding?> judge)
    {
        List<Finding>? found = null;
        foreach (var check in checks)
        {
            if (judge(check) is { } finding)
            {
                (found ??= []).Add(finding);
            }
        }

        return found ?? (IReadOnlyList<Finding>)[];
    }
}
