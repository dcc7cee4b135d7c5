<?php

namespace App\Policies;

class CallPolicy extends StaffDocumentPolicy
{
}
