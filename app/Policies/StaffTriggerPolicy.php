<?php

namespace App\Policies;

class StaffTriggerPolicy extends StaffDocumentPolicy
{
}
