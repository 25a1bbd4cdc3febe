namespace Lacet.Store;

/// <summary>A command with what a job's card shows once it is done.</summary>
/// <param name="Command">The command.</param>
/// <param name="Summary">What the card shows, as JSON.</param>
public sealed record JobChange(JobCommand Command, string Summary);
