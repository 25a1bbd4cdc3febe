namespace Lacet.Core.Planning;

/// <summary>How one existing device is put right.</summary>
/// <param name="DeviceId">Which.</param>
/// <param name="Name">Its name.</param>
/// <param name="Replace">Whether it is replaced.</param>
/// <param name="Pigtail">Whether its wires are spliced to pigtails.</param>
/// <param name="NeedsEarth">Whether an earth must be brought, or the code's other way taken.</param>
/// <param name="Minutes">How long it takes.</param>
public sealed record DeviceRemedy(
    Guid DeviceId,
    string Name,
    bool Replace,
    bool Pigtail,
    bool NeedsEarth,
    double Minutes
);
