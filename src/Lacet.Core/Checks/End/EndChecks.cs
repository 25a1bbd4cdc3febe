using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>All checks of an end, in the order that their findings are shown. The registry: a check not listed here does nothing.</summary>
public static class EndChecks
{
    /// <summary>Checks of a plan.</summary>
    public static IReadOnlyList<IEndCheck> Planned { get; } =
    [
        new ConductorOutOfRange(),
        new AluminiumNotMarked(),
        new WireTooThickForScrew(),
        new FineStrandsUnsupported(),
        new FerruleNoneFits(),
        new FerrulePinTooLong(),
        new InsulationUnderHead(),
        new FerruleOnSolid(),
        new RangeByPairing(),
        new ThinWireUnderScrew(),
        new TorqueNotMarked(),
    ];

    /// <summary>Checks of what was made.</summary>
    public static IReadOnlyList<IMadeCheck> Made { get; } =
    [
        new StripOutOfWindow(),
        new TorqueOutOfWindow(),
        new TorqueUnmeasured(),
        new TorqueSimulated(),
    ];

    /// <summary>All findings on a plan.</summary>
    public static IReadOnlyList<Finding> Judge(EndPlan plan) => Found(Planned, check => check.Judge(plan));

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
