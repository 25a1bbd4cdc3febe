using System.Runtime.CompilerServices;
using System.Text.Json;
using Lacet.Core.Records;
using Lacet.Exchange;
using Lacet.Exchange.Documents;
using Lacet.Store;

namespace Lacet.Web.Records;

/// <summary>The Log as files, written as it is read.</summary>
internal static class LogExport
{
    internal static async Task Csv(HttpContext context, EventsTable events, PeopleTable people)
    {
        Attach(context, "text/csv; charset=utf-8", "lacet-log.csv");
        await using var writer = new StreamWriter(context.Response.Body);
        await RecordCsv.WriteAsync(
            writer,
            RowsAsync(events, new(people), context.RequestAborted),
            context.RequestAborted
        );
    }

    /// <summary>The bytes themselves go out, so that whoever gets the file can check the chain without Lacet.</summary>
    internal static async Task Json(HttpContext context, EventsTable events, PeopleTable people)
    {
        Attach(context, "application/json; charset=utf-8", "lacet-log.json");
        var cancellation = context.RequestAborted;
        await using var json = new Utf8JsonWriter(
            context.Response.BodyWriter,
            new JsonWriterOptions { Encoder = Exchange.Json.Options.Encoder }
        );
        json.WriteStartObject();
        json.WriteString("format", "lacet-log/1");
        json.WriteStartArray("events");
        var head = Seal.Origin;
        var persons = new HashSet<Guid>();
        await foreach (var stored in events.AllAsync(cancellation))
        {
            json.WriteStartObject();
            json.WriteString("hash", stored.Hash);
            if (EventDocument.TryRead(stored.Bytes) is { } recorded)
            {
                json.WritePropertyName("event");
                json.WriteRawValue(stored.Bytes);
                persons.Add(recorded.Person.Id);
                if (recorded.Supervisor is { } over)
                {
                    persons.Add(over.Id);
                }
            }
            else
            {
                // Not to be read as JSON: the bytes as they are.
                json.WriteBase64String("damaged", stored.Bytes);
            }

            json.WriteEndObject();
            head = stored.Hash;
            await json.FlushAsync(cancellation);
        }

        json.WriteEndArray();
        json.WriteString("head", head);
        json.WriteStartArray("people");
        var names = new Names(people);
        foreach (var id in persons)
        {
            JsonSerializer.Serialize(json, await names.OfAsync(id), Exchange.Json.Options);
        }

        json.WriteEndArray();
        json.WriteEndObject();
    }

    private static void Attach(HttpContext context, string type, string file)
    {
        context.Response.ContentType = type;
        context.Response.Headers.ContentDisposition = $"attachment; filename=\"{file}\"";
    }

    private static async IAsyncEnumerable<RecordRow> RowsAsync(
        EventsTable events,
        Names names,
        [EnumeratorCancellation] CancellationToken cancellation
    )
    {
        await foreach (var stored in events.AllAsync(cancellation))
        {
            if (EventDocument.TryRead(stored.Bytes) is not { } recorded)
            {
                yield return RecordRow.Damaged(stored.Sequence, stored.Hash);
                continue;
            }

            var person = await names.OfAsync(recorded.Person.Id);
            var supervisor = recorded.Supervisor is { } over ? await names.OfAsync(over.Id) : null;
            yield return RecordRow.Of(
                recorded,
                stored.Hash,
                person.Name,
                person.Proved,
                stored.StateOf(recorded),
                supervisor?.Name
            );
        }
    }
}
