namespace Lacet.Workshop.People;

/// <summary>Which day it is.</summary>
public static class Days
{
    /// <summary>Today where the server stands, as a qualification’s end and a supervisor’s day mean it.</summary>
    public static DateOnly Today(this TimeProvider time) => DateOnly.FromDateTime(time.GetLocalNow().DateTime);
}
