namespace Lacet.Core.Planning;

/// <summary>A tool as it is set for a piece of work.</summary>
/// <param name="Tool">Which.</param>
/// <param name="Says">To what, in the reader’s units where it is read.</param>
public sealed record ToolSetting(WorkTool Tool, FormattableString Says)
{
    /// <summary>The same for settings that are the same.</summary>
    public string Key { get; } = FormattableString.Invariant(Says);

    /// <inheritdoc/>
    public bool Equals(ToolSetting? other) =>
        other is not null && Tool == other.Tool && string.Equals(Key, other.Key, StringComparison.Ordinal);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Tool, Key);
}
