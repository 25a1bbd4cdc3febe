namespace Lacet.Workshop.People;

/// <summary>A lead’s word that a name which was only typed is a person’s.</summary>
/// <param name="Id">Made by the client; sending the same twice stores once.</param>
/// <param name="Device">Which device it was made on.</param>
/// <param name="DeviceSequence">That device’s own count.</param>
/// <param name="ClaimedAt">When, by the device’s clock.</param>
/// <param name="PersonId">Whose name it is.</param>
public sealed record JoinName(Guid Id, string Device, long DeviceSequence, DateTimeOffset ClaimedAt, Guid PersonId);
