namespace Lacet.Devices;

/// <summary>Knows which tools a lead paired.</summary>
public interface IToolKeys
{
    /// <summary>
    /// The tool that a token belongs to; null where it belongs to none, or to another than the one that says
    /// <paramref name="serial"/> of itself: a token is good for the tool that used it first.
    /// </summary>
    Task<PairedTool?> FindAsync(string token, string serial, CancellationToken cancellation);
}
