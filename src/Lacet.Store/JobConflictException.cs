namespace Lacet.Store;

/// <summary>Somebody changed a part of the job since it was looked at: nothing was changed.</summary>
public sealed class JobConflictException : Exception
{
    /// <summary>Names the part as it is now.</summary>
    public JobConflictException(Guid part, JobPartRow? now)
        : base(
            now is null
                ? "Somebody took it out since you looked. Nothing of yours was stored."
                : "Somebody changed it since you looked. Nothing of yours was stored; here is what it is now."
        )
    {
        (Part, Now) = (part, now);
    }

    /// <summary>Which part.</summary>
    public Guid Part { get; }

    /// <summary>How it is now; null where it is gone.</summary>
    public JobPartRow? Now { get; }
}
