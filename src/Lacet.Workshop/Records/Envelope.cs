using System.Text.Json;
using Lacet.Core.Quantities;
using Lacet.Core.Records;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Store;

namespace Lacet.Workshop.Records;

/// <summary>What every event carries, whatever it says.</summary>
internal sealed record Envelope(
    Guid Id,
    string Device,
    long DeviceSequence,
    DateTimeOffset ClaimedAt,
    DateTimeOffset ReceivedAt,
    EventKind Kind,
    EventSubject Subject,
    RecordedBy By
)
{
    private const int LongestDevice = 100;

    internal Guid? Corrects { get; init; }

    /// <summary>What is compared where an event is sent again: the same from somebody else is not the same.</summary>
    internal static string Digest<T>(T request, Guid person) =>
        Seal.Of([.. JsonSerializer.SerializeToUtf8Bytes(request, Json.Options), .. person.ToByteArray()]);

    internal static void CheckDevice(string device)
    {
        if (device.Length is 0 or > LongestDevice)
        {
            throw new ImpossibleInputException("device", $"A device’s name has 1 to {LongestDevice} characters.");
        }
    }

    /// <summary>The event, its place in the chain to be given.</summary>
    internal NewEvent Around(string digest, Func<EventDocument, EventDocument> says) =>
        new(Id, digest, Corrects, place =>
            JsonSerializer.SerializeToUtf8Bytes(
                says(
                    new(
                        1,
                        Id,
                        place.Sequence,
                        place.Previous,
                        Device,
                        DeviceSequence,
                        RecordedBy.Reference(By.Person),
                        Subject,
                        ClaimedAt,
                        ReceivedAt,
                        Kind,
                        Corrects,
                        Termination: null,
                        Clock: place.Clock is [] ? null : place.Clock,
                        Role: By.Role,
                        Supervisor: By.Supervisor is null ? null : RecordedBy.Reference(By.Supervisor)
                    )
                ),
                Json.Options
            )
        )
        {
            Device = Device,
            DeviceSequence = DeviceSequence,
            ClaimedAt = ClaimedAt,
            ReceivedAt = ReceivedAt,
            Job = Subject.Job,
            End = Subject.End,
        };
}
