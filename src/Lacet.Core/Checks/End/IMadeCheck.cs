using Lacet.Core.Quantities;

namespace Lacet.Core.Checks.End;

/// <summary>A check of one end as it was made.</summary>
public interface IMadeCheck
{
    /// <summary>The check's stable id.</summary>
    string Id { get; }

    /// <summary>What a finding of it would do to whom.</summary>
    Harm Harm { get; }

    /// <summary>What it finds, or null.</summary>
    Finding? Judge(MadeEnd end);
}
