using System.Text.Json.Nodes;
using Lacet.Core.Jobs;
using Lacet.Exchange.Jobs;
using Lacet.Store;

namespace Lacet.Workshop.Jobs;

/// <summary>Tells whether a command that is sent is one that was stored.</summary>
internal static class RepeatedCommands
{
    /// <summary>
    /// Whether changes are those of a stored command: the same parts, each as it was asked for. A part’s place and a
    /// landing of the Shelf are filled in when it is stored; a wire that something is recorded at is retired where it
    /// was to be taken out.
    /// </summary>
    internal static bool IsSame(IReadOnlyList<PartChange> asked, StoredCommand stored) =>
        asked.Count == stored.Edits.Count
        && asked
            .Zip(stored.Edits)
            .All(pair =>
                pair switch
                {
                    ({ Put: { } put }, { Part: var part, After: { } after }) => put.Id == part
                        && JsonNode.DeepEquals(Comparable(PartJson.Write(put), put), Comparable(after, put)),
                    ({ Remove: { } id }, var edit) => id == edit.Part && IsTakenOut(edit),
                    _ => false,
                }
            );

    /// <summary>Whether a change took a part out: gone, or retired where something is recorded at it.</summary>
    internal static bool IsTakenOut(StoredEdit edit) =>
        edit.After is null || JsonNode.Parse(edit.After)?["retired"]?.GetValue<bool>() == true;

    private static JsonObject Comparable(string body, JobPart asked)
    {
        var part = JsonNode.Parse(body)!.AsObject();
        if (asked.Order == 0)
        {
            part.Remove("order");
        }

        if (asked is JobLanding { ShelfId: not null })
        {
            part.Remove("landing");
        }

        return part;
    }
}
