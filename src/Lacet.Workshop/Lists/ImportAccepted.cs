namespace Lacet.Workshop.Lists;

/// <summary>What an import did.</summary>
/// <param name="JobId">The job.</param>
/// <param name="CommandId">By which it is undone.</param>
/// <param name="Added">Wires that are new.</param>
/// <param name="Changed">Wires that were changed.</param>
/// <param name="Removed">Wires that were taken out.</param>
/// <param name="LeftOut">Rows that were wrong.</param>
public sealed record ImportAccepted(Guid JobId, Guid CommandId, int Added, int Changed, int Removed, int LeftOut);
