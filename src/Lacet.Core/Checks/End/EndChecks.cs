using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>All checks of an end, in the order that their findings are shown. The registry: a check not listed here does nothing.</summary>
public static class EndChecks
{
    /// <summary>Checks of a plan.</summary>
    public static IReadOnlyList<IEndCheck> Planned { get; } =
    [
        new ConductorOutOfRange(),
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
        var found = Found(Planned, check => check.Judge(plan));
        if (plan.AtHand.Second is not { } second || second == plan.Conductor)
        {
            return found;
        }

        var ofSecond = Found(Planned, check => check.Judge(new EndPlan(plan.AtHand with { Conductor = second, Second = plan.Conductor })));
        return [.. found, .. ofSecond.Where(f => !found.Any(g => string.Equals(g.Check, f.Check, StringComparison.Ordinal)))];
    }

    /// <summary>All findings on an end as it was made.</summary>
    public static IReadOnlyList<Finding> Judge(MadeEnd end) => Found(Made, check => check.Judge(end));

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
