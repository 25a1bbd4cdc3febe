using Lacet.Core.Jobs;

namespace Lacet.Core.Networks;

/// <summary>A breaker in a directory.</summary>
/// <param name="Breaker">The breaker.</param>
/// <param name="Circuits">The circuits of the wires at its load side, in the job’s order.</param>
/// <param name="Feeds">Devices that it feeds through closed contacts, by enclosure.</param>
/// <param name="IsOpen">Whether it also goes on to where the job does not say.</param>
public sealed record DirectoryLine(
    Device Breaker,
    IReadOnlyList<Circuit> Circuits,
    IReadOnlyList<Device> Feeds,
    bool IsOpen
);
