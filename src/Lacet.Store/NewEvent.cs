namespace Lacet.Store;

/// <summary>An event that is to be appended.</summary>
/// <param name="Id">Made by the client, so that sending twice stores once.</param>
/// <param name="RequestDigest">Digest of what was sent: the same id with other content is a conflict.</param>
/// <param name="Corrects">The event that it takes back; null for none.</param>
/// <param name="Write">Its bytes, written once its place is known.</param>
public sealed record NewEvent(Guid Id, string RequestDigest, Guid? Corrects, Func<EventPlace, byte[]> Write)
{
    /// <summary>Which device it was made on; never empty.</summary>
    public required string Device { get; init; }

    /// <summary>That device’s own count.</summary>
    public required long DeviceSequence { get; init; }

    /// <summary>When it happened, by the device’s clock.</summary>
    public required DateTimeOffset ClaimedAt { get; init; }

    /// <summary>When it was received, by the server’s clock.</summary>
    public required DateTimeOffset ReceivedAt { get; init; }

    /// <summary>The job that it is about; null at the Bench.</summary>
    public Guid? Job { get; init; }

    /// <summary>The end of a wire that it is about; null for none.</summary>
    public Guid? End { get; init; }

    /// <summary>The typed name and the person that it joins; null for anything else.</summary>
    public (Guid Typed, Guid Person)? Joined { get; init; }
}
