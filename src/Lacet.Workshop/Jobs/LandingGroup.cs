using Lacet.Exchange.Documents;

namespace Lacet.Workshop.Jobs;

/// <summary>Landings of which nobody said what they are, of devices whose names begin alike.</summary>
/// <param name="Prefix">The letters that the names begin with, such as "TB"; empty for names that begin with none.</param>
/// <param name="Devices">The devices; the landings themselves where they stand alone.</param>
/// <param name="Landings">How many landings there are.</param>
/// <param name="Before">What such landings were last said to be; null where nobody ever did.</param>
/// <param name="BeforeSays">The same in words.</param>
public sealed record LandingGroup(
    string Prefix,
    IReadOnlyList<string> Devices,
    int Landings,
    LandingDocument? Before,
    string? BeforeSays
);
