namespace Lacet.Workshop.DeadChecks;

/// <summary>What somebody did to make an enclosure dead, or live, as a client sends it.</summary>
/// <param name="Id">Made by the client; sending the same twice stores once.</param>
/// <param name="Device">Which device it was made on.</param>
/// <param name="DeviceSequence">That device’s own count.</param>
/// <param name="ClaimedAt">When, by the device’s clock.</param>
/// <param name="Deed">What.</param>
public sealed record NewDeadRecord(
    Guid Id,
    string Device,
    long DeviceSequence,
    DateTimeOffset ClaimedAt,
    DeadDeed Deed
);
