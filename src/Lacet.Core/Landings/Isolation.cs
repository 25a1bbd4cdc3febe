namespace Lacet.Core.Landings;

/// <summary>How what is worked on is made dead.</summary>
public enum Isolation
{
    /// <summary>Wiring of a building: every source switched off, locked, tagged.</summary>
    Building,

    /// <summary>A cord or what hangs on one: unplugged, the plug kept in sight.</summary>
    Cord,

    /// <summary>Low-voltage lighting: its transformer switched off and unplugged.</summary>
    Transformer,

    /// <summary>A machine: every source locked, then its stored energy waited for, discharged and measured.</summary>
    Machine,

    /// <summary>Nothing is connected yet, as with a new panel on the bench, or dead was proved already.</summary>
    None,
}
