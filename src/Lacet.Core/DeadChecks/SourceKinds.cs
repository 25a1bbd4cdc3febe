namespace Lacet.Core.DeadChecks;

/// <summary>Kinds of sources in words.</summary>
public static class SourceKinds
{
    /// <summary>What it is called.</summary>
    public static string DisplayName(this SourceKind kind) =>
        kind switch
        {
            SourceKind.Feed => "Feed",
            SourceKind.BackFeed => "Back-feed",
            SourceKind.SecondSupply => "Second supply",
            SourceKind.Ups => "UPS",
            SourceKind.Generator => "Generator",
            SourceKind.Solar => "Solar or battery",
            SourceKind.ControlFromElsewhere => "Control from elsewhere",
            SourceKind.StoredEnergy => "Stored energy",
            _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, null),
        };

    /// <summary>Where to look for it.</summary>
    public static string Hint(this SourceKind kind) =>
        kind switch
        {
            SourceKind.Feed => "The breaker or switch that feeds it.",
            SourceKind.BackFeed => "Motors that may turn, transformers fed from behind, loads fed twice.",
            SourceKind.SecondSupply => "A change-over switch, a tie, a neighbour’s circuit in the same box.",
            SourceKind.Ups => "It feeds on when the mains goes.",
            SourceKind.Generator => "It may start by itself when the mains goes.",
            SourceKind.Solar => "Live as long as there is light; batteries always.",
            SourceKind.ControlFromElsewhere => "Interlocks, thermostats, another panel’s 24 V or 120 V.",
            SourceKind.StoredEnergy => "Capacitors of drives and filters: the plate says how long to wait.",
            _ => throw new ArgumentOutOfRangeException(nameof(kind), kind, null),
        };

    /// <summary>Whether it is opened and locked; stored energy is waited for instead.</summary>
    public static bool IsLocked(this SourceKind kind) => kind != SourceKind.StoredEnergy;
}
