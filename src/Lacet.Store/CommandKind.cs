namespace Lacet.Store;

/// <summary>What kind of change a command is; what it does stands beside it, in a line.</summary>
public enum CommandKind
{
    /// <summary>Somebody changed parts.</summary>
    Change,

    /// <summary>A wire list was taken in.</summary>
    Import,
}
