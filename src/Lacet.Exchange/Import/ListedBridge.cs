using Lacet.Core.Jobs;

namespace Lacet.Exchange.Import;

/// <summary>A row of a list that joins terminals without a wire.</summary>
/// <param name="Form">How.</param>
/// <param name="Ends">The terminals, two or more.</param>
public sealed record ListedBridge(BridgeForm Form, IReadOnlyList<ListedEnd> Ends)
{
    /// <summary>What it is, as a preview says it.</summary>
    public string Says =>
        Form switch
        {
            BridgeForm.Screwed => "jumper bar",
            BridgeForm.Comb => "comb",
            BridgeForm.Link => "link",
            _ => "plug-in bridge",
        };

    /// <summary>"plug-in bridge: X1:1, X1:2".</summary>
    public string Sentence() => $"{Says}: {string.Join(", ", Ends.Select(e => e.Place()))}";
}
